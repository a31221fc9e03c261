import type { Product, RotaluxDocument } from './schema';
import { vehicleSheets, type Cell, type Table } from './sheets';

const list = (values: readonly unknown[] | undefined) => (values ?? []).join(' ');
const cell = (value: string | number | undefined | null): Cell => value ?? '';

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
export function tablesOf({
	configurations,
	units,
	products
}: Pick<RotaluxDocument, 'configurations' | 'units' | 'products'>): Table[] {
	return [...vehicleSheets(configurations, units), productTable(products)];
}
