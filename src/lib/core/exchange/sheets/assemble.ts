import { accessProblems } from '../../access';
import { checkDraft, draftOf, type WalkContext } from '../../walk';
import type { Problem, Result } from '../../result';
import { readAccessory, readConfiguration, readProduct, readUnit } from '../one';
import type { Configuration, Unit } from '../../model';
import {
	Assembly,
	type Assembled,
	type Existing,
	type ImportOptions,
	type LooseVehicle,
	type Progress
} from './assembly';
import type { MappedTable, RowProblem } from './incoming';
import { TAKERS } from './rows';

function place(
	assembly: Assembly,
	[id, vehicle]: [id: string, vehicle: LooseVehicle],
	{ path, message }: Problem
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
	{ options, progress = () => undefined }: { options: ImportOptions; progress?: Progress }
): Assembled {
	const plain = assemble(tables, existing, { options: { ...options, witness: null }, progress });
	if (!options.witness) return plain;
	// A claim that a stronger source outweighs must make sense all the same: the values are judged as if they held.
	return { ...assemble(tables, existing, { options, progress: () => undefined }), problems: plain.problems };
}

function assemble(
	tables: readonly MappedTable[],
	existing: Existing,
	{ options, progress }: { options: ImportOptions; progress: Progress }
): Assembled {
	const assembly = new Assembly(existing, options, progress);
	assembly.problems.push(...tables.flatMap((table) => table.problems));
	const spoilt = new Set(assembly.problems.map(({ tab, row }) => `${tab}\n${row}`));
	for (const [sheet, take] of TAKERS)
		for (const table of tables.filter((t) => t.sheet === sheet))
			for (const line of table.rows) {
				const row = assembly.read(table, line);
				if (!row.broken && !spoilt.has(`${table.tab}\n${line.number}`)) take(assembly, table.tab, row);
			}
	return finish(assembly);
}

function finish(assembly: Assembly): Assembled {
	const configurations: Configuration[] = [];
	for (const [id, vehicle] of assembly.configurations) {
		const read = readConfiguration(vehicle);
		if (!read.ok) assembly.problems.push(...read.error.map((problem) => place(assembly, [id, vehicle], problem)));
		else {
			assembly.problems.push(...impossibleSockets(assembly, read.value));
			assembly.problems.push(...accessProblems(read.value).map((problem) => place(assembly, [id, vehicle], problem)));
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
	return {
		configurations,
		units,
		products: stockOf(assembly, 'products', readProduct),
		accessories: stockOf(assembly, 'accessories', readAccessory),
		problems: assembly.problems,
		rows: assembly.rows
	};
}

/** Products or accessories that can be read; the others as problems of the row that last spoke of them. */
function stockOf<T>(
	assembly: Assembly,
	shelf: 'products' | 'accessories',
	read: (input: unknown) => Result<T, Problem[]>
): T[] {
	return [...assembly[shelf]].flatMap(([id, item]) => {
		const found = read(item);
		if (found.ok) return [found.value];
		const origin = assembly.origin.get(`\n${shelf}\n${id}`) ?? { tab: shelf, row: 0 };
		assembly.problems.push(
			...found.error.map(({ path, message }) => ({ ...origin, column: path || null, message: `${id}: ${message}` }))
		);
		return [];
	});
}
