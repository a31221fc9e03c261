import type { LineView } from '../../../core/views';
import type { KitSheet } from '../../services/kits';
import { inner, MARGIN, paragraph, pdf, table, type Doc, type KitPaper, type Paper, type PaperColumn } from './paper';

const NO_SHELF = 'No shelf on record';
const COLUMNS: readonly PaperColumn[] = [
	{ title: 'Taken', share: 0.08 },
	{ title: 'Shelf', share: 0.14 },
	{ title: 'Packs', share: 0.08, align: 'right' },
	{ title: 'SKU', share: 0.18 },
	{ title: 'What', share: 0.36 },
	{ title: 'On the shelf', share: 0.16, align: 'right' }
];

/** Lines by shelf, in the order somebody walks along them; what nobody has put on a shelf comes last. */
export function byShelf(lines: readonly LineView[]): [string, LineView[]][] {
	const shelves = new Map<string, LineView[]>();
	for (const line of lines.filter((l) => l.packs > 0))
		shelves.set(line.shelf ?? NO_SHELF, [...(shelves.get(line.shelf ?? NO_SHELF) ?? []), line]);
	const order = new Intl.Collator('en', { numeric: true });
	return [...shelves].sort(([a], [b]) => Number(a === NO_SHELF) - Number(b === NO_SHELF) || order.compare(a, b));
}

/** The pick list: what to take from which shelf. */
function pickListPdf(sheet: KitSheet, paper: Paper): Promise<Buffer> {
	const shelves = byShelf([...sheet.kit.lamps, ...sheet.kit.parts]);
	const packs = shelves.flatMap(([, lines]) => lines).reduce((sum, line) => sum + line.packs, 0);
	const draw = (doc: Doc) => {
		doc
			.font('bold')
			.fontSize(18)
			.text(`Pick list, ${sheet.code ?? `draft ${sheet.id}`}`, MARGIN, MARGIN, { width: inner(doc) });
		paragraph(
			doc,
			`${sheet.name}, ${sheet.vehicleName}${sheet.branch ? `, from the shelves of ${sheet.branch}` : ''}. ${packs} packs from ${shelves.length} shelves.`,
			11
		);
		doc.moveDown(0.6);
		const rows = shelves.flatMap(([shelf, lines]) =>
			lines.map((l, i) => [
				'[   ]',
				i === 0 ? shelf : '',
				String(l.packs),
				l.sku,
				l.name,
				l.stock === undefined ? 'not counted' : String(l.stock)
			])
		);
		table(doc, COLUMNS, rows);
		doc.moveDown(1);
		paragraph(doc, 'Picked by ______________________      Packed by ______________________', 11);
	};
	return pdf(
		{ title: `Pick list, ${sheet.name}`, paper, foot: `${sheet.code ?? `draft ${sheet.id}`}  ·  ${sheet.vehicleName}` },
		draw
	);
}

export const pickList: KitPaper = {
	name: 'pick',
	label: 'Pick list',
	contents: 'by shelf',
	print: pickListPdf
};
