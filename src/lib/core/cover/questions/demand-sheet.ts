import { FUNCTION_IDS, type FunctionId } from '../../lamps';
import type { VehicleFacts } from '../cover';
import type { Wanted } from './demand';

/** A table as it was read: headings, and rows with their number in the file. */
export interface DemandTable {
	headings: readonly string[];
	rows: readonly { number: number; cells: readonly (string | number)[] }[];
}

/** A row that nothing can be made of, and why. */
export interface RowProblem {
	row: number;
	why: string;
}

/** What may stand in a column, and the headings it is known by. */
const COLUMNS = {
	configuration: ['configuration', 'configuration id', 'vehicle', 'vehicle id', 'id'],
	make: ['make', 'manufacturer', 'brand'],
	model: ['model', 'model name', 'type'],
	year: ['year', 'model year', 'registered', 'first registration'],
	kind: ['kind', 'class', 'vehicle kind'],
	market: ['market'],
	function: ['function', 'lamp', 'position'],
	count: ['count', 'number', 'registrations', 'vehicles', 'on the road', 'asked', 'quantity', 'weight']
} as const;
type Column = keyof typeof COLUMNS;

const plain = (text: string | number) => String(text).trim().toLowerCase();

/** Which column stands where. The first heading that is known by a name wins. */
function columnsOf(headings: readonly string[]): Partial<Record<Column, number>> {
	const names = headings.map((heading) => plain(heading).replace(/[_-]+/g, ' '));
	const found: Partial<Record<Column, number>> = {};
	for (const column of Object.keys(COLUMNS) as Column[]) {
		const known: readonly string[] = COLUMNS[column];
		const at = names.findIndex((name) => known.includes(name));
		if (at >= 0) found[column] = at;
	}
	return found;
}

type Named = Partial<Record<Column, string>>;

function isMeant({ make, model, kind, market, year }: Named, facts: VehicleFacts): boolean {
	const at = Number(year);
	return (
		(!make || plain(facts.make) === make) &&
		(!model || plain(facts.model) === model) &&
		(!kind || facts.kind === kind) &&
		(!market || plain(facts.market) === market) &&
		(!year || (facts.years !== undefined && facts.years[0] <= at && at <= facts.years[1]))
	);
}

function readRow(named: Named, vehicles: readonly VehicleFacts[]): Wanted[] | string {
	const count = named.count === undefined ? 1 : Number(named.count.replace(/[\s']/g, ''));
	if (!Number.isFinite(count) || count < 0) return `"${named.count ?? ''}" is no number of vehicles`;
	if (named.year && !/^\d{4}$/.test(named.year)) return `"${named.year}" is no year`;
	const isFunction = (id: string): id is FunctionId => (FUNCTION_IDS as readonly string[]).includes(id);
	const fn = named.function || undefined;
	if (fn !== undefined && !isFunction(fn)) return `"${fn}" is no function; known are ${FUNCTION_IDS.join(', ')}`;
	const id = named.configuration;
	if (!id && !named.make && !named.model) return 'it names no vehicle: no configuration, make or model';
	const meant = id
		? vehicles.filter((facts) => plain(facts.id) === id)
		: vehicles.filter((facts) => isMeant(named, facts));
	if (meant.length === 0) return 'no vehicle on record is meant by it';
	return meant.map((facts) => ({
		configuration: facts.id,
		...(fn ? { function: fn } : {}),
		count: count / meant.length
	}));
}

/**
 * Reads how many there are, or want something, from a table with any of these columns: configuration, or make, model, year, kind and market;
 * function; count. Other columns are passed over. A row that means several configurations is shared among them evenly, since nobody knows which
 * they are; a row without a count counts one.
 * @returns what is wanted, and every row that could not be read; a message where the table has no vehicle in its headings
 */
export function readDemand(
	{ headings, rows }: DemandTable,
	vehicles: readonly VehicleFacts[]
): { wanted: Wanted[]; problems: RowProblem[] } | string {
	const columns = columnsOf(headings);
	if (columns.configuration === undefined && columns.make === undefined && columns.model === undefined)
		return `no column names a vehicle; known headings are ${COLUMNS.configuration.join(', ')}, or make and model`;
	const wanted: Wanted[] = [];
	const problems: RowProblem[] = [];
	for (const { number, cells } of rows) {
		const named = Object.fromEntries(
			Object.entries(columns).map(([column, at]) => [column, plain(cells[at] ?? '')])
		) as Named;
		if (named.count === '') delete named.count;
		const read = readRow(named, vehicles);
		if (typeof read === 'string') problems.push({ row: number, why: read });
		else wanted.push(...read);
	}
	return { wanted, problems };
}
