import { isDeepStrictEqual } from 'node:util';
import { shopDay } from '../../shop-time';
import type { Knex } from 'knex';
import {
	assembleSheets,
	mapHeadings,
	sheetFor,
	understoodRows,
	type Assembled,
	type HeadingMap,
	type IncomingTable,
	type MappedTable,
	type Progress,
	type RowProblem,
	type SheetName,
	type SheetsView,
	type SheetOptionsView
} from '../../../core/exchange';
import { findConfigurations } from '../../repositories/configurations';
import { findHeadingMap, putHeadingMap } from '../../repositories/heading-maps';
import { listAccessories, listProducts } from '../../repositories/products';
import { readCurrency } from '../policy';
import { listUnits } from '../../repositories/units';
import { changeAlways, type Tx } from '../../db/change';
import type { Actor } from '../record/store';
import { readyToTakeIn, takeIn } from '../record/take-in';

/** How a spreadsheet is meant to be taken in. */
export interface SheetOptions extends SheetOptionsView {
	/** Sheet and headings as a person mapped them, by tab. */
	maps: Record<string, { sheet: SheetName; map: HeadingMap }>;
}

const MAX_PROBLEMS = 200;
const SAMPLES = 4;

/** Rows that are looked at to tell amounts with decimals from whole minor units. */
const LOOKED_AT = 200;

const cellsUnder =
	({ headings, rows }: IncomingTable) =>
	(heading: string) => {
		const at = headings.indexOf(heading);
		return rows.slice(0, LOOKED_AT).map(({ cells }) => cells[at] ?? '');
	};

/** Headings mapped as a person said, as remembered of the supplier, or by name. */
async function mapped(db: Knex, tables: readonly IncomingTable[], options: SheetOptions): Promise<MappedTable[]> {
	const currency = await readCurrency(db);
	return Promise.all(
		tables.map(async (table) => {
			const said = options.maps[table.tab];
			const sheet = said?.sheet ?? sheetFor(table.tab, table.headings);
			const remembered = options.supplier ? await findHeadingMap(db, options.supplier, sheet) : {};
			return {
				...table,
				sheet,
				map: mapHeadings(sheet, table.headings, {
					remembered: { ...remembered, ...said?.map },
					cellsUnder: cellsUnder(table),
					currency
				})
			};
		})
	);
}

/** Ids of the vehicles that rows speak of. */
function ownersIn(tables: readonly MappedTable[], options: SheetOptions): string[] {
	const ids = tables.flatMap((table) => {
		const wanted = table.sheet === 'vehicles' ? 'id' : 'configuration';
		const at = table.headings.findIndex((heading) => table.map[heading] === wanted);
		return at < 0 ? [] : table.rows.map((row) => String(row.cells[at] ?? '').trim());
	});
	return [...new Set([...ids, options.configuration ?? ''])].filter(Boolean);
}

/** Rows that cannot be read, taken out of their tables, so that the others can be taken in by themselves. */
function withoutBadRows(tables: readonly MappedTable[], problems: readonly RowProblem[]): MappedTable[] {
	const bad = new Set(problems.map(({ tab, row }) => `${tab}\n${row}`));
	return tables.map((table) => ({
		...table,
		problems: [],
		rows: table.rows.filter((row) => !bad.has(`${table.tab}\n${row.number}`))
	}));
}

/** The stock on record, when a sheet speaks of it. */
async function stockNeeded(db: Knex, tables: readonly MappedTable[]) {
	const needed = tables.some(({ sheet }) => sheet === 'products' || sheet === 'accessories');
	const [products, accessories] = needed ? [await listProducts(db), await listAccessories(db)] : [[], []];
	return {
		products: new Map(products.map((p) => [p.id as string, p])),
		accessories: new Map(accessories.map((a) => [a.id as string, a]))
	};
}

/** Everything an import does before it writes: records put together from the rows, on top of what is there. */
async function prepare(
	db: Knex,
	tables: readonly IncomingTable[],
	{ options, actor, progress }: { options: SheetOptions; actor: Actor; progress: Progress }
) {
	const all = await mapped(db, tables, options);
	const found = await findConfigurations(db, ownersIn(all, options));
	const existing = {
		configurations: new Map(found.map((c) => [c.id as string, c])),
		units: new Map((await listUnits(db)).map((unit) => [unit.id as string, unit])),
		...(await stockNeeded(db, all))
	};
	const day = shopDay(actor.now);
	const note = options.supplier ? { note: `spreadsheet of ${options.supplier}` } : {};
	const witness = options.source
		? { source: options.source, on: day, ...(actor.by ? { by: actor.by } : {}), ...note }
		: null;
	const core = {
		configuration: options.configuration,
		witness,
		currency: await readCurrency(db),
		kind: options.kind ?? null,
		isSingle: options.isSingle ?? false
	};
	const first = assembleSheets(all, existing, { options: core, progress });
	const assembled =
		options.leaveOut && first.problems.length > 0
			? assembleSheets(withoutBadRows(all, first.problems), existing, { options: core, progress })
			: first;
	return { all, existing, first, assembled };
}

/** A record without what differs only in how it is held. */
const plain = (record: unknown): unknown => record && JSON.parse(JSON.stringify(record));

function countSockets(assembled: Assembled, existing: ReadonlyMap<string, { sockets: { id: string }[] }>) {
	let [added, changed] = [0, 0];
	for (const configuration of assembled.configurations) {
		const before = new Map(existing.get(configuration.id)?.sockets.map((s) => [s.id, s]));
		for (const socket of configuration.sockets) {
			const old = before.get(socket.id);
			if (old === undefined) added += 1;
			else if (!isDeepStrictEqual(plain(old), plain(socket))) changed += 1;
		}
	}
	return { added, changed };
}

/** New and changed things among those put together. */
function countStock<T extends { id: string }>(items: readonly T[], existing: ReadonlyMap<string, T>) {
	const before = items.map((item) => existing.get(item.id));
	return {
		added: before.filter((old) => old === undefined).length,
		changed: items.filter((item, i) => before[i] && !isDeepStrictEqual(plain(before[i]), plain(item))).length
	};
}

export interface SheetImport {
	readonly options: SheetOptions;
	readonly actor: Actor;
	readonly progress: Progress;
}

/** Shows what a spreadsheet would do; writes nothing. */
export async function previewSheets(
	db: Knex,
	tables: readonly IncomingTable[],
	{ options, actor, progress }: SheetImport
): Promise<SheetsView> {
	const { all, existing, first, assembled } = await prepare(db, tables, { options, actor, progress });
	const isNew = (id: string) => !existing.configurations.has(id);
	const ids = assembled.configurations.map((c) => c.id as string);
	return {
		tabs: all.map((table) => {
			const { tab, sheet, rows, headings, map } = table;
			return {
				tab,
				sheet,
				rows: rows.length,
				map,
				samples: headings.map((heading, i) => ({
					heading,
					cells: rows.slice(0, SAMPLES).map((row) => row.cells[i] ?? '')
				})),
				understood: understoodRows(table, first.problems)
			};
		}),
		rows: first.rows,
		problems: first.problems.slice(0, MAX_PROBLEMS),
		problemCount: first.problems.length,
		badRows: new Set(first.problems.map(({ tab, row }) => `${tab}\n${row}`)).size,
		newVehicles: ids.filter(isNew),
		changedVehicles: assembled.configurations
			.filter((c) => !isNew(c.id) && !isDeepStrictEqual(plain(c), plain(existing.configurations.get(c.id))))
			.map((c) => c.id),
		sockets: countSockets(assembled, existing.configurations),
		products: countStock(assembled.products, existing.products),
		accessories: countStock(assembled.accessories, existing.accessories)
	};
}

/** Rows that cannot be read, where they may not be left out. */
export class SheetProblem extends Error {
	constructor({ tab, row, column, message }: RowProblem, count: number) {
		const where = [tab, row > 0 ? `row ${row}` : '', column ?? ''].filter(Boolean).join(', ');
		super(`${where}: ${message} (${count} in all). Nothing was written.`);
	}
}

/** What an import wrote. */
export interface SheetReport {
	vehicles: string[];
	products: string[];
	accessories: string[];
	rows: number;
	leftOut: number;
}

/** What is written in the same change as an import, once it is known what comes of it. */
export type Noting<R> = (tx: Tx, report: R) => Promise<void>;

/**
 * Takes a spreadsheet in, in one transaction: everything, or nothing. Remembers the headings of a named supplier.
 * @param noting is written with it
 * @throws SheetProblem with one sentence when rows cannot be read and may not be left out
 */
export async function writeSheets(
	db: Knex,
	tables: readonly IncomingTable[],
	{ options, actor, progress, noting }: SheetImport & { noting?: Noting<SheetReport> }
): Promise<SheetReport> {
	const { all, first, assembled } = await prepare(db, tables, { options, actor, progress });
	const [problem] = assembled.problems;
	if (problem) throw new SheetProblem(problem, assembled.problems.length);
	const ready = await readyToTakeIn(db, assembled, { actor, progress: (done) => progress(first.rows + done) });
	const report = {
		vehicles: assembled.configurations.map((c) => c.id),
		products: assembled.products.map((p) => p.id),
		accessories: assembled.accessories.map((a) => a.id),
		rows: assembled.rows,
		leftOut: first.rows - assembled.rows
	};
	await changeAlways(db, async (tx) => {
		await takeIn(tx, ready);
		if (options.supplier)
			for (const { sheet, map } of all) await putHeadingMap(tx, { supplier: options.supplier, sheet, map });
		await noting?.(tx, report);
	});
	return report;
}
