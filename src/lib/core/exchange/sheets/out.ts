import { subjectsOf, valueAt, withoutUnit, withValueAt } from '../../vehicle';
import {
	factOf,
	isNumeric,
	type SubjectKind,
	type Accessory,
	type Configuration,
	type Evidence,
	type Product,
	type Unit
} from '../../model';
import { toCell, type Cell } from './cells';
import { COLUMNS, type SheetName } from './columns';

/** A table for a spreadsheet: headings with the names of the format, one row a thing. */
export interface Table {
	name: string;
	headings: string[];
	rows: Cell[][];
}

const writtenColumns = (name: SheetName) => COLUMNS[name].filter(({ onlyIn }) => !onlyIn);
const headingsOf = (name: SheetName) => writtenColumns(name).map((column) => column.heading);

/** What a record holds beyond the columns of its sheet; undefined when there is nothing. */
function beyond(name: SheetName, record: object, apart: readonly string[]): object | undefined {
	const paths = writtenColumns(name).flatMap(({ path }) => (path && path !== 'more' ? [path] : []));
	const rest = [...paths, ...apart].reduce((left, path) => withValueAt(left, path, undefined), record);
	return Object.keys(rest).length > 0 ? rest : undefined;
}

/** One row of a sheet. `apart` names fields that stand on a sheet of their own. */
function row(
	name: SheetName,
	record: object,
	{ owner, apart = [] }: { owner: string; apart?: readonly string[] }
): Cell[] {
	const more = beyond(name, record, apart);
	return writtenColumns(name).map(({ path, kind }) => {
		if (path === '') return owner;
		return toCell(kind, path === 'more' ? more : valueAt(record, path));
	});
}

/** One row a vehicle, without its sockets and channels. */
export function vehicleTable(configurations: readonly Configuration[]): Table {
	const flat = ({ years, ...rest }: Configuration) => ({
		...rest,
		...(years ? { years: { 0: years[0], 1: years[1] } } : {})
	});
	const rows = configurations.map((c) => row('vehicles', flat(c), { owner: '', apart: ['sockets', 'channels'] }));
	return { name: 'vehicles', headings: headingsOf('vehicles'), rows };
}

/** One row a socket; what a shared unit keeps stands with the unit. */
export function socketTable(configurations: readonly Configuration[]): Table {
	const rows = configurations.flatMap((c) =>
		c.sockets.map((socket) => row('sockets', withoutUnit(socket), { owner: c.id, apart: ['evidence'] }))
	);
	return { name: 'sockets', headings: headingsOf('sockets'), rows };
}

/** One row a channel; a feed is written as socket:function. */
export function channelTable(configurations: readonly Configuration[]): Table {
	const flat = (feed: { socket: string; function: string }) => `${feed.socket}:${feed.function}`.replaceAll(' ', '~');
	const rows = configurations.flatMap((c) =>
		c.channels.map((channel) =>
			row('channels', { ...channel, feeds: channel.feeds.map(flat) }, { owner: c.id, apart: ['evidence'] })
		)
	);
	return { name: 'channels', headings: headingsOf('channels'), rows };
}

function evidenceValue(kind: SubjectKind, { fact, value }: Evidence): Cell {
	if (value === undefined) return '';
	const numeric = isNumeric(factOf(kind, fact));
	if (typeof value === 'string' && !numeric) return value;
	return typeof value === 'number' && numeric ? value : JSON.stringify(value);
}

/** One row a piece of evidence; that of the way in stands with its operations. */
export function evidenceTable(configurations: readonly Configuration[]): Table {
	const rows = configurations.flatMap((c) =>
		subjectsOf({ ...c, sockets: c.sockets.map(withoutUnit), access: undefined }).flatMap(({ kind, id, subject }) =>
			(subject.evidence ?? []).map((item) => {
				const { value: _value, ...rest } = item;
				return row('evidence', { ...rest, subject: kind, id, value: evidenceValue(kind, item) }, { owner: c.id });
			})
		)
	);
	return { name: 'evidence', headings: headingsOf('evidence'), rows };
}

/** One row a shared lamp unit. */
export function unitTable(units: readonly Unit[]): Table {
	return { name: 'units', headings: headingsOf('units'), rows: units.map((unit) => row('units', unit, { owner: '' })) };
}

/** The sheets of vehicles and their shared units. */
export function vehicleSheets(configurations: readonly Configuration[], units: readonly Unit[]): Table[] {
	return [
		vehicleTable(configurations),
		socketTable(configurations),
		channelTable(configurations),
		evidenceTable(configurations),
		unitTable(units)
	];
}

/** One row a pack, or one for a thing without packs; what is no pack stands in each of its rows. */
function stockTable(name: 'products' | 'accessories', items: readonly (Product | Accessory)[]): Table {
	const rows = items.flatMap(({ packs, ...item }) =>
		(packs.length > 0 ? packs : [undefined]).map((pack) => row(name, pack ? { ...item, pack } : item, { owner: '' }))
	);
	return { name, headings: headingsOf(name), rows };
}

/** The sheets of the stock: products and accessories, one row a pack. Prices in minor units. */
export function stockSheets(products: readonly Product[], accessories: readonly Accessory[]): Table[] {
	return [stockTable('products', products), stockTable('accessories', accessories)];
}
