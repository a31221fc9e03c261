import { customerSheet } from './pdf/customer-sheet';
import { fitUpSheet } from './pdf/fit-up-sheet';
import { kitSheet } from './pdf/kit-sheet';
import { labels } from './pdf/labels';
import type { KitPaper, Paper } from './pdf/paper';
import { pickList } from './pdf/pick-list';

/** Every paper of a kit. A new one is a file in `pdf/` and an entry here. */
export const PAPERS: readonly KitPaper[] = [kitSheet, pickList, labels, fitUpSheet, customerSheet];

/** The paper of a name in an address; null when there is none. */
export function paperNamed(name: string): KitPaper | null {
	return PAPERS.find((paper) => paper.name === name) ?? null;
}

/** Reads which paper size an address asks for. */
export const paperOf = (url: URL): Paper => (url.searchParams.get('paper') === 'letter' ? 'LETTER' : 'A4');
