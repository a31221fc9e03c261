import { claim, withValueAt, type Subject } from '../../vehicle';
import {
	choiceTyped,
	keepsEvidence,
	type Accessory,
	type Configuration,
	type Evidence,
	type Product,
	type SubjectKind,
	type Unit
} from '../../model';
import { DEFAULT_CURRENCY, type Currency } from '../../quantity';
import { ok, type Result } from '../../result';
import { fromCell, type Cell } from './cells';
import { COLUMNS, type Column } from './columns';
import type { MappedTable, RowProblem } from './incoming';

/** How an import is meant. */
export interface ImportOptions {
	/** The vehicle of rows that name none. */
	configuration: string | null;
	/** Where the values come from: each then counts as said by that source. Null takes the rows as the record itself. */
	witness: Pick<Evidence, 'source' | 'on' | 'by' | 'note'> | null;
	/** What amounts are written in. */
	currency?: Currency;
	/** What lamps are whose rows do not say; null where that is a problem of the row. */
	kind?: Product['kind'] | null;
	/** True where LED lamps for one filament that do not say their modes have one. */
	isSingle?: boolean;
}

/** What is there already. */
export interface Existing {
	configurations: ReadonlyMap<string, Configuration>;
	units: ReadonlyMap<string, Unit>;
	/** The stock, by id; empty while no sheet of the file speaks of it. */
	products: ReadonlyMap<string, Product>;
	accessories: ReadonlyMap<string, Accessory>;
}

/** What an import would write, and every row that cannot be read. */
export interface Assembled {
	configurations: Configuration[];
	units: Unit[];
	products: Product[];
	accessories: Accessory[];
	problems: RowProblem[];
	/** Rows that were read. */
	rows: number;
}

/** Called now and then with the rows done; throw to stop. */
export type Progress = (done: number) => void;

export type Loose = Record<string, unknown>;

/** A vehicle being put together. */
export type LooseVehicle = Loose & { sockets: Loose[]; channels: Loose[] };

/** A product or accessory being put together. */
export type StockItem = Loose & { packs: Loose[] };

/** A row as a loose record: by path, only what its cells say. */
export interface ReadRow {
	number: number;
	owner: string;
	record: Loose;
	/** What its cells say, by path. */
	values: Record<string, unknown>;
	/** What its column for everything else says. */
	more: Loose;
	/** True when a cell could not be read. */
	broken: boolean;
}

/** What a cell says in its column: the words of a fact as people write them, a number, a list. */
export function cellValue({ kind, fact }: Column, cell: Cell): Result<unknown, string> {
	const read = fromCell(kind, cell);
	if (!read.ok || !fact?.choices) return read;
	const known = (word: unknown) => (typeof word === 'string' ? (choiceTyped(fact, word) ?? word) : word);
	return ok(Array.isArray(read.value) ? read.value.map(known) : known(read.value));
}

/** Records being put together from rows, with what is wrong so far. */
export class Assembly {
	readonly problems: RowProblem[] = [];
	readonly configurations = new Map<string, LooseVehicle>();
	readonly units = new Map<string, Loose>();
	readonly products = new Map<string, StockItem>();
	readonly accessories = new Map<string, StockItem>();
	/** The row that last touched a thing, to say where a problem comes from. */
	readonly origin = new Map<string, { tab: string; row: number }>();
	/** Things whose evidence has begun anew with the rows. */
	readonly evidenced = new Set<string>();
	rows = 0;
	readonly existing: Existing;
	/** What amounts are written in, and what lamps are that do not say. */
	readonly currency: Currency;
	readonly kind: Product['kind'] | null;
	readonly isSingle: boolean;
	#options: ImportOptions;
	#progress: Progress;

	constructor(existing: Existing, options: ImportOptions, progress: Progress) {
		this.existing = existing;
		this.currency = options.currency ?? DEFAULT_CURRENCY;
		this.kind = options.kind ?? null;
		this.isSingle = options.isSingle ?? false;
		this.#options = options;
		this.#progress = progress;
	}

	problem({ tab, row, column }: { tab: string; row: number; column: string | null }, message: string): void {
		this.problems.push({ tab, row, column, message });
	}

	/** Everything a row says, cell by cell. */
	read(table: MappedTable, row: MappedTable['rows'][number]): ReadRow {
		const columns = new Map(COLUMNS[table.sheet].map((column) => [column.heading, column]));
		const values: Record<string, unknown> = {};
		let record: Loose = {};
		let more: Loose = {};
		let owner = this.#options.configuration ?? '';
		let broken = false;
		table.headings.forEach((heading, i) => {
			const column = columns.get(table.map[heading] ?? '');
			const cell = row.cells[i] ?? '';
			if (!column || String(cell).trim() === '') return;
			const value = cellValue(column, cell);
			if (!value.ok) {
				this.problem({ tab: table.tab, row: row.number, column: heading }, value.error);
				broken = true;
			} else if (column.path === '') owner = String(value.value);
			else if (column.path === 'more') more = asObject(value.value);
			else {
				values[column.path] = value.value;
				record = withValueAt(record, column.path, value.value);
			}
		});
		this.rows += 1;
		this.#progress(this.rows);
		return { number: row.number, owner, record: { ...more, ...record }, values, more, broken };
	}

	/** Notes which row speaks of a thing; false with a problem when another row of the same sheet has done so. */
	names(key: string, tab: string, row: ReadRow): boolean {
		const earlier = this.origin.get(key);
		if (earlier?.tab === tab) {
			this.problem(
				{ tab, row: row.number, column: 'id' },
				`Row ${earlier.row} speaks of the same ${key.split('\n')[1] ?? 'vehicle'} already.`
			);
			return false;
		}
		this.origin.set(key, { tab, row: row.number });
		return true;
	}

	/** The vehicle a row belongs to, as it stands so far; null with a problem when it is not there. */
	vehicle(tab: string, row: ReadRow): LooseVehicle | null {
		const known = this.configurations.get(row.owner) ?? this.existing.configurations.get(row.owner);
		if (!known) {
			const message = row.owner
				? `There is no vehicle “${row.owner}” on record, and none in the file.`
				: 'The row names no vehicle.';
			this.problem({ tab, row: row.number, column: null }, message);
			return null;
		}
		const copy = this.configurations.get(row.owner) ?? looseVehicle(known);
		this.configurations.set(row.owner, copy);
		return copy;
	}

	/** A subject with what a row says of it: as the record itself, or as claims of the witness. */
	claimed<T extends Loose>(kind: SubjectKind, subject: T, row: ReadRow): T {
		const { witness } = this.#options;
		return Object.entries(row.values).reduce<T>(
			(next, [path, value]) =>
				witness && keepsEvidence(kind, path)
					? claim(kind, next as T & Subject, { fact: path, value, ...witness })
					: withValueAt(next, path, value),
			{ ...subject, ...row.more }
		);
	}
}

const asObject = (value: unknown): Loose =>
	typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Loose) : {};

/** A copy that shares nothing with what it was made of. */
export const plainCopy = (value: object): Loose => JSON.parse(JSON.stringify(value));

const looseList = (value: unknown): Loose[] => (Array.isArray(value) ? (value as Loose[]) : []);

/** A vehicle to put rows into: what is there already, with its lists. */
export function looseVehicle(vehicle: object): LooseVehicle {
	const { sockets, channels, ...rest } = plainCopy(vehicle);
	return { sockets: looseList(sockets), channels: looseList(channels), ...rest };
}
