import type { RotaluxDocument } from '../model';
import { stockSheets, vehicleSheets, type Cell, type Table } from './sheets';

const list = (values: readonly unknown[] | undefined) => (values ?? []).join(' ');
const cell = (value: string | number | undefined | null): Cell => value ?? '';

/** A line of a kit as far as a table needs it. */
interface Line {
	sku: string;
	name: string;
	sockets: readonly string[];
	packs: number;
	count: number;
	spare: number;
	price: number;
	margin?: number;
	stock?: number;
	shelf?: string;
	solves: string;
	verdict?: string;
}

/** One row a kit line. Prices in minor units. */
export function kitTable(lines: readonly Line[]): Table {
	return {
		name: 'kit',
		headings: [
			'sku',
			'name',
			'sockets',
			'packs',
			'count',
			'spare',
			'price',
			'margin',
			'stock',
			'shelf',
			'solves',
			'verdict'
		],
		rows: lines.map((l) => [
			l.sku,
			l.name,
			list(l.sockets),
			l.packs,
			l.count,
			l.spare,
			l.price,
			cell(l.margin),
			cell(l.stock),
			cell(l.shelf),
			l.solves,
			cell(l.verdict)
		])
	};
}

/** The tables of a whole document. */
export function tablesOf({
	configurations,
	units,
	products,
	accessories
}: Pick<RotaluxDocument, 'configurations' | 'units' | 'products' | 'accessories'>): Table[] {
	return [...vehicleSheets(configurations, units), ...stockSheets(products, accessories)];
}
