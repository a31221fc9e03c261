import { agree, claim, FACTS, isShared, valueAt, withValueAt, type Subject, type SubjectKind } from '../../vehicle';
import { checkDraft, draftOf, freeSocketId, type WalkContext } from '../../walk';
import type { Problem } from '../../result';
import { readConfiguration, readUnit } from '../one';
import type { Configuration, Evidence, Socket, Unit } from '../schema';
import { fromCell } from './cells';
import { COLUMNS, type SheetName } from './columns';
import type { MappedTable, RowProblem } from './incoming';

/** How an import is meant. */
export interface ImportWish {
	/** The vehicle of rows that name none. */
	configuration: string | null;
	/** Where the values come from: each then counts as said by that source. Null takes the rows as the record itself. */
	witness: Pick<Evidence, 'source' | 'on' | 'by' | 'note'> | null;
}

/** What is there already. */
export interface Existing {
	configurations: ReadonlyMap<string, Configuration>;
	units: ReadonlyMap<string, Unit>;
}

/** What an import would write, and every row that cannot be read. */
export interface Assembled {
	configurations: Configuration[];
	units: Unit[];
	problems: RowProblem[];
	/** Rows that were read. */
	rows: number;
}

/** Called now and then with the rows done; throw to stop. */
export type Progress = (done: number) => void;

type Loose = Record<string, unknown>;

/** A row as a loose record: by path, only what its cells say. */
interface ReadRow {
	number: number;
	owner: string;
	record: Loose;
	/** What its cells say, by path. */
	said: Record<string, unknown>;
	/** What its column for everything else says. */
	more: Loose;
	/** True when a cell could not be read. */
	broken: boolean;
}

class Assembly {
	readonly problems: RowProblem[] = [];
	readonly configurations = new Map<string, Loose & { sockets: Loose[]; channels: Loose[] }>();
	readonly units = new Map<string, Loose>();
	/** The row that last touched a thing, to say where a problem comes from. */
	readonly origin = new Map<string, { tab: string; row: number }>();
	rows = 0;
	#existing: Existing;
	#wish: ImportWish;
	#progress: Progress;

	constructor(existing: Existing, wish: ImportWish, progress: Progress) {
		this.#existing = existing;
		this.#wish = wish;
		this.#progress = progress;
	}

	problem(tab: string, row: number, column: string | null, message: string): void {
		this.problems.push({ tab, row, column, message });
	}

	/** Everything a row says, cell by cell. */
	read(table: MappedTable, row: MappedTable['rows'][number]): ReadRow {
		const columns = new Map(COLUMNS[table.sheet].map((column) => [column.heading, column]));
		const said: Record<string, unknown> = {};
		let record: Loose = {};
		let more: Loose = {};
		let owner = this.#wish.configuration ?? '';
		let broken = false;
		table.headings.forEach((heading, i) => {
			const column = columns.get(table.map[heading] ?? '');
			const cell = row.cells[i] ?? '';
			if (!column || String(cell).trim() === '') return;
			const value = fromCell(column.kind, cell);
			if (!value.ok) {
				this.problem(table.tab, row.number, heading, value.error);
				broken = true;
			} else if (column.path === '') owner = String(value.value);
			else if (column.path === 'more') more = value.value as Loose;
			else {
				said[column.path] = value.value;
				record = withValueAt(record, column.path, value.value);
			}
		});
		this.rows += 1;
		this.#progress(this.rows);
		return { number: row.number, owner, record: { ...more, ...record }, said, more, broken };
	}

	/** The vehicle a row belongs to, as it stands so far; null with a problem when it is not there. */
	vehicle(tab: string, row: ReadRow): (Loose & { sockets: Loose[]; channels: Loose[] }) | null {
		const known = this.configurations.get(row.owner) ?? this.#existing.configurations.get(row.owner);
		if (!known) {
			const message = row.owner
				? `There is no vehicle “${row.owner}” on record, and none in the file.`
				: 'The row names no vehicle.';
			this.problem(tab, row.number, null, message);
			return null;
		}
		const copy = this.configurations.get(row.owner) ?? (structuredCloneOf(known) as never);
		this.configurations.set(row.owner, copy);
		return copy;
	}

	/** A subject with what a row says of it: as the record itself, or as claims of the witness. */
	told<T extends Loose>(kind: SubjectKind, subject: T, row: ReadRow): T {
		const { witness } = this.#wish;
		return Object.entries(row.said).reduce<T>(
			(next, [path, value]) =>
				witness && path in FACTS[kind]
					? claim(kind, next as T & Subject, { fact: path, value, ...witness })
					: withValueAt(next, path, value),
			{ ...subject, ...row.more }
		);
	}
}

const structuredCloneOf = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

function addVehicle(assembly: Assembly, tab: string, row: ReadRow, existing: Existing): void {
	const id = String(row.record.id ?? row.owner);
	if (!id) return assembly.problem(tab, row.number, 'id', 'The vehicle has no id.');
	const { '0': from, '1': to } = (row.record.years as Loose | undefined) ?? {};
	const years = from === undefined && to === undefined ? {} : { years: [from ?? to, to ?? from] };
	const known = assembly.configurations.get(id) ?? (structuredCloneOf(existing.configurations.get(id) ?? {}) as Loose);
	const next = { sockets: [], channels: [], ...known, ...row.record, ...years, id };
	assembly.configurations.set(id, next as never);
	assembly.origin.set(id, { tab, row: row.number });
}

/** The id of the socket that sits where a row says, or a free one for a new socket there; empty when the row does not say where. */
function idByPlace(sockets: readonly Loose[], record: Loose): string {
	const { zone, side, index = 1, functions = [] } = record as Partial<Socket>;
	if (!zone || !side || functions.length === 0) return '';
	const there = sockets.find(
		(s) =>
			s.zone === zone &&
			s.side === side &&
			(s.index ?? 1) === index &&
			(s.functions as string[] | undefined)?.join() === functions.join()
	);
	const taken = new Set(sockets.map((s) => String(s.id)));
	return there ? String(there.id) : freeSocketId(functions, zone, side, index, taken);
}

function addSocket(assembly: Assembly, tab: string, row: ReadRow): void {
	const vehicle = assembly.vehicle(tab, row);
	if (!vehicle) return;
	const id = (row.record.id as string | undefined) ?? idByPlace(vehicle.sockets, row.record);
	if (!id)
		return assembly.problem(tab, row.number, 'id', 'The row names no socket: give an id, or zone, side and functions.');
	const at = vehicle.sockets.findIndex((s) => s.id === id);
	const before = at >= 0 ? (vehicle.sockets[at] as Loose) : { id };
	if (before.unit) {
		const kept = Object.entries(row.said).find(
			([path, value]) => isShared(before as unknown as Socket, path) && !agree(valueAt(before, path), value)
		);
		if (kept)
			return assembly.problem(
				tab,
				row.number,
				kept[0],
				`${id} belongs to a shared lamp unit, which keeps this fact: change it there.`
			);
	}
	const next = { ...assembly.told('socket', before, row), id };
	if (at >= 0) vehicle.sockets[at] = next;
	else vehicle.sockets.push(next);
	assembly.origin.set(`${row.owner}\nsocket\n${id}`, { tab, row: row.number });
}

function addChannel(assembly: Assembly, tab: string, row: ReadRow): void {
	const vehicle = assembly.vehicle(tab, row);
	if (!vehicle) return;
	const id = String(row.record.id ?? '');
	if (!id) return assembly.problem(tab, row.number, 'id', 'The channel has no id.');
	const feeds = (row.said.feeds as string[] | undefined)?.map((text) => {
		const [socket = '', fn = ''] = text.replaceAll('~', ' ').split(':');
		return { socket, function: fn };
	});
	const said = feeds ? { ...row.said, feeds } : row.said;
	const at = vehicle.channels.findIndex((c) => c.id === id);
	const before = at >= 0 ? (vehicle.channels[at] as Loose) : { id, feeds: [] };
	const next = assembly.told('channel', before, { ...row, said });
	if (at >= 0) vehicle.channels[at] = next;
	else vehicle.channels.push(next);
	assembly.origin.set(`${row.owner}\nchannel\n${id}`, { tab, row: row.number });
}

function evidenceOf(row: ReadRow): Evidence {
	const { subject, id: _id, value, ...rest } = row.record;
	const fact = String(rest.fact ?? '');
	const isNumber = FACTS[subject as SubjectKind]?.[fact]?.unit !== undefined;
	const text = String(value ?? '');
	const number = Number(text.replace(',', '.'));
	const json = /^[[{"]/.test(text) ? fromCell('json', text) : null;
	const read = isNumber && Number.isFinite(number) ? number : json?.ok ? json.value : value;
	return { ...rest, ...(value === undefined ? {} : { value: read }) } as Evidence;
}

function addEvidence(assembly: Assembly, tab: string, row: ReadRow, fresh: Set<string>): void {
	const vehicle = assembly.vehicle(tab, row);
	if (!vehicle) return;
	const { subject, id } = row.record as { subject?: string; id?: string };
	const target =
		subject === 'flasher'
			? (vehicle.flasher as Loose | undefined)
			: (subject === 'channel' ? vehicle.channels : vehicle.sockets).find((s) => s.id === id);
	if (!target)
		return assembly.problem(tab, row.number, 'id', `There is no ${subject ?? 'socket'} “${id ?? ''}” in ${row.owner}.`);
	// Evidence comes whole: the first row of a thing takes the place of what was there.
	const key = `${row.owner}\n${subject}\n${id}`;
	const before = fresh.has(key) ? ((target.evidence as Evidence[] | undefined) ?? []) : [];
	fresh.add(key);
	target.evidence = [...before, evidenceOf(row)];
}

const ORDER: readonly SheetName[] = ['units', 'vehicles', 'sockets', 'channels', 'evidence'];

function place(
	assembly: Assembly,
	id: string,
	{ path, message }: Problem,
	vehicle: Loose & { sockets: Loose[]; channels: Loose[] }
): RowProblem {
	const found = /^(sockets|channels)\[(\d+)\]\.?(.*)$/.exec(path);
	const list = found?.[1] === 'channels' ? 'channels' : 'sockets';
	const item = found ? vehicle[list][Number(found[2])] : undefined;
	const key = item ? `${id}\n${list === 'channels' ? 'channel' : 'socket'}\n${String(item.id)}` : id;
	const origin = assembly.origin.get(key) ?? { tab: 'vehicles', row: 0 };
	return { tab: origin.tab, row: origin.row, column: (found ? found[3] : path) || null, message };
}

/** A row that says what no lamp can be: two functions on one filament, a festoon in a headlamp. */
function impossibleSockets(assembly: Assembly, configuration: Configuration): RowProblem[] {
	return configuration.sockets.flatMap((socket) => {
		const origin = assembly.origin.get(`${configuration.id}\nsocket\n${socket.id}`);
		if (!origin) return [];
		const context: WalkContext = { ...configuration, sockets: [] };
		return checkDraft(draftOf(socket), context).impossible.map((message) => ({
			...origin,
			column: 'category',
			message
		}));
	});
}

/**
 * Puts the rows of some sheets together into whole records: vehicles, then sockets, channels and evidence, on top of what is there.
 * Nothing is written; every row that cannot be read is listed with its column.
 */
export function assembleSheets(
	tables: readonly MappedTable[],
	existing: Existing,
	wish: ImportWish,
	progress: Progress = () => undefined
): Assembled {
	const plain = assemble(tables, existing, { ...wish, witness: null }, progress);
	if (!wish.witness) return plain;
	// A claim that a stronger source outweighs must make sense all the same: the values are judged as if they held.
	return { ...assemble(tables, existing, wish, () => undefined), problems: plain.problems };
}

function assemble(tables: readonly MappedTable[], existing: Existing, wish: ImportWish, progress: Progress): Assembled {
	const assembly = new Assembly(existing, wish, progress);
	assembly.problems.push(...tables.flatMap((table) => table.problems));
	const spoilt = new Set(assembly.problems.map(({ tab, row }) => `${tab}\n${row}`));
	const fresh = new Set<string>();
	for (const sheet of ORDER)
		for (const table of tables.filter((t) => t.sheet === sheet))
			for (const line of table.rows) {
				const row = assembly.read(table, line);
				if (row.broken || spoilt.has(`${table.tab}\n${line.number}`)) continue;
				if (sheet === 'vehicles') addVehicle(assembly, table.tab, row, existing);
				else if (sheet === 'sockets') addSocket(assembly, table.tab, row);
				else if (sheet === 'channels') addChannel(assembly, table.tab, row);
				else if (sheet === 'evidence') addEvidence(assembly, table.tab, row, fresh);
				else assembly.units.set(String(row.record.id ?? ''), row.record);
			}
	return finish(assembly);
}

function finish(assembly: Assembly): Assembled {
	const configurations: Configuration[] = [];
	for (const [id, vehicle] of assembly.configurations) {
		const read = readConfiguration(vehicle);
		if (!read.ok) assembly.problems.push(...read.error.map((problem) => place(assembly, id, problem, vehicle)));
		else {
			assembly.problems.push(...impossibleSockets(assembly, read.value));
			configurations.push(read.value);
		}
	}
	const units: Unit[] = [];
	for (const [id, unit] of assembly.units) {
		const read = readUnit(unit);
		if (read.ok) units.push(read.value);
		else
			assembly.problems.push({
				tab: 'units',
				row: 0,
				column: read.error[0]?.path ?? null,
				message: `${id}: ${read.error[0]?.message}`
			});
	}
	return { configurations, units, problems: assembly.problems, rows: assembly.rows };
}
