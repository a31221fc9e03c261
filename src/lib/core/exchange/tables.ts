import type { Configuration, Product, RotaluxDocument } from './schema';

export type Cell = string | number;
/** A table for a spreadsheet: headings with the names of the format, one row a thing. */
export interface Table {
	name: string;
	headings: string[];
	rows: Cell[][];
}

const list = (values: readonly unknown[] | undefined) => (values ?? []).join(' ');
const cell = (value: string | number | undefined | null): Cell => value ?? '';

/** One row a socket. */
export function socketTable(configurations: readonly Configuration[]): Table {
	return {
		name: 'sockets',
		headings: [
			'configuration',
			'id',
			'zone',
			'side',
			'index',
			'functions',
			'category',
			'wiring',
			'state',
			'optic',
			'lens',
			'frontLength',
			'frontDiameter',
			'rearDepth',
			'rearDiameter',
			'opening',
			'holderLength',
			'cap',
			'retention'
		],
		rows: configurations.flatMap((c) =>
			c.sockets.map((s) => [
				c.id,
				s.id,
				s.zone,
				s.side,
				s.index,
				list(s.functions),
				cell(s.category),
				cell(s.wiring),
				s.state,
				cell(s.optic),
				cell(s.lens),
				cell(s.envelope?.frontLength),
				cell(s.envelope?.frontDiameter),
				cell(s.envelope?.rearDepth),
				cell(s.envelope?.rearDiameter),
				cell(s.envelope?.opening),
				cell(s.envelope?.holderLength),
				cell(s.cap?.kind),
				cell(s.retention)
			])
		)
	};
}

/** One row a pack of a product. */
export function productTable(products: readonly Product[]): Table {
	return {
		name: 'products',
		headings: [
			'id',
			'maker',
			'name',
			'kind',
			'fits',
			'colour',
			'cct',
			'claimed',
			'per',
			'at13v5',
			'sku',
			'count',
			'price',
			'stock'
		],
		rows: products.flatMap((p) =>
			p.packs.map((pack) => [
				p.id,
				p.maker,
				p.name,
				p.kind,
				list(p.fits),
				cell(p.colour?.kind),
				cell(p.colour?.cct),
				cell(p.flux?.claimed),
				cell(p.flux?.per),
				cell(p.power?.at13v5),
				pack.sku,
				pack.count,
				pack.price,
				cell(pack.stock)
			])
		)
	};
}

/** A line of a kit as far as a table needs it. */
interface Line {
	sku: string;
	name: string;
	sockets: readonly string[];
	packs: number;
	count: number;
	spare: number;
	price: number;
	solves: string;
	verdict?: string;
}

/** One row a kit line. Prices in minor units. */
export function kitTable(lines: readonly Line[]): Table {
	return {
		name: 'kit',
		headings: ['sku', 'name', 'sockets', 'packs', 'count', 'spare', 'price', 'solves', 'verdict'],
		rows: lines.map((l) => [
			l.sku,
			l.name,
			list(l.sockets),
			l.packs,
			l.count,
			l.spare,
			l.price,
			l.solves,
			cell(l.verdict)
		])
	};
}

/** The tables of a whole document. */
export function tablesOf(document: Pick<RotaluxDocument, 'configurations' | 'products'>): Table[] {
	return [socketTable(document.configurations), productTable(document.products)];
}
