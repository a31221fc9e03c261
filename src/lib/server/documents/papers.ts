import type { KitSheet } from '../services/kits';
import { customerSheetPdf } from './pdf/customer-sheet';
import { kitSheetPdf } from './pdf/kit-sheet';
import { labelsPdf } from './pdf/labels';
import type { Paper } from './pdf/paper';
import { pickListPdf } from './pdf/pick-list';

type Print = (sheet: KitSheet, paper: Paper, link: string) => Promise<Buffer>;

/** Every paper of a kit, by the name in its address. A new one is a file in `pdf/` and an entry here. */
export const PAPERS: Readonly<Record<string, Print>> = {
	sheet: kitSheetPdf,
	pick: pickListPdf,
	labels: labelsPdf,
	customer: customerSheetPdf
};

/** Reads which paper size an address asks for. */
export const paperOf = (url: URL): Paper => (url.searchParams.get('paper') === 'letter' ? 'LETTER' : 'A4');
