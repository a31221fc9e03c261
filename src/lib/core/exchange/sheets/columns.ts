import { FACTS, type Fact, type SubjectKind } from '../../model';
import type { CellKind } from './cells';

/** One column of a sheet: its heading, where its value stands in the record, and how it is written. */
export interface Column {
	heading: string;
	/** Dotted path in the record; empty for the column that says which vehicle a row belongs to. */
	path: string;
	kind: CellKind;
	/** What others call it. */
	also?: readonly string[];
	/** True for a column that is understood coming in and never written. */
	onlyIn?: true;
	/** The fact it is of, whose words are understood as people write them. */
	fact?: Fact;
}

export const SHEETS = ['vehicles', 'sockets', 'channels', 'evidence', 'units', 'products', 'accessories'] as const;
export type SheetName = (typeof SHEETS)[number];

const CELL_KIND: Record<Fact['kind'], CellKind> = {
	text: 'text',
	choice: 'text',
	number: 'number',
	count: 'number',
	list: 'list',
	lines: 'lines',
	names: 'names',
	pairs: 'pairs',
	json: 'json'
};

/** The columns of a thing: one for each of its facts that has one. */
function columnsOf(subject: SubjectKind): Column[] {
	return Object.entries(FACTS[subject]).flatMap(([path, fact]) => {
		const { kind, sheet } = fact;
		return sheet ? [{ heading: sheet.heading, path, kind: CELL_KIND[kind], also: sheet.also ?? [], fact }] : [];
	});
}

const text = (heading: string, path = heading, also: readonly string[] = []): Column => ({
	heading,
	path,
	kind: 'text',
	also
});
const number = (heading: string, path = heading, also: readonly string[] = []): Column => ({
	heading,
	path,
	kind: 'number',
	also
});

/** Which vehicle a row belongs to. */
const OWNER = text('configuration', '', ['vehicle', 'vehicle id', 'car', 'model id']);
/** Whatever a record holds beyond the columns, so that nothing is lost on the way out and back. */
const MORE: Column = { heading: 'more', path: 'more', kind: 'json' };

/** Amounts as people write them, with their decimals; `price` and `cost` are whole minor units. */
export const PRICE_WRITTEN = 'price as written';
export const COST_WRITTEN = 'cost as written';

/** How a thing is sold; a row of a product or accessory is about one pack of it, or about none. */
const PACK: readonly Column[] = [
	text('sku', 'pack.sku', [
		'article',
		'article no',
		'article number',
		'item',
		'item no',
		'item number',
		'part no',
		'part number',
		'order no',
		'code',
		'reference'
	]),
	number('count', 'pack.count', ['pieces', 'pcs', 'pack', 'pack size', 'per pack', 'qty per pack']),
	number('price', 'pack.price', ['price minor', 'cents']),
	{
		...number(PRICE_WRITTEN, 'pack.priceWritten', [
			'retail',
			'retail price',
			'rrp',
			'list price',
			'sale price',
			'unit price'
		]),
		onlyIn: true
	},
	number('stock', 'pack.stock', ['on hand', 'in stock', 'available', 'quantity', 'qty']),
	number('cost', 'pack.cost', ['cost minor']),
	{ ...number(COST_WRITTEN, 'pack.costWritten', ['purchase price', 'buying price', 'net price']), onlyIn: true },
	text('shelf', 'pack.shelf', ['bin', 'location of stock'])
];

/** One piece of evidence. */
const EVIDENCE: readonly Column[] = [
	text('subject'),
	text('id', 'id', ['of']),
	text('fact'),
	text('value'),
	text('source'),
	text('on', 'on', ['date']),
	text('by', 'by', ['person']),
	text('note'),
	{ heading: 'overruled', path: 'overruled', kind: 'json' }
];

/** A lamp unit that several vehicles share. */
const UNIT: readonly Column[] = [
	text('id'),
	text('name'),
	{ heading: 'marks', path: 'marks', kind: 'lines' },
	{ heading: 'sockets', path: 'sockets', kind: 'json' }
];

/** Every sheet with its columns. What is a fact of the registry comes from there. */
export const COLUMNS: Readonly<Record<SheetName, readonly Column[]>> = {
	vehicles: [...columnsOf('vehicle'), MORE],
	sockets: [OWNER, ...columnsOf('socket'), MORE],
	channels: [OWNER, ...columnsOf('channel'), MORE],
	evidence: [OWNER, ...EVIDENCE, MORE],
	units: [...UNIT, MORE],
	products: [...columnsOf('product'), MORE, ...PACK],
	accessories: [...columnsOf('accessory'), MORE, ...PACK]
};
