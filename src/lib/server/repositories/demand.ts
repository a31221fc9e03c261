import type { Knex } from 'knex';
import type { Wanted } from '../../core/cover';
import type { FunctionId } from '../../core/lamps';
import { writeRows } from '../db/bulk';
import type { Tx } from '../db/change';

/** Where demand comes from. A new source is an entry here. */
export const DEMAND_SOURCES = ['registered', 'asked', 'lost'] as const;
export type DemandSource = (typeof DEMAND_SOURCES)[number];

/** Rows written in one statement. */
const AT_ONCE = 100;

interface Row {
	configuration_id: string;
	function: string;
	count: number;
}

const wantedOf = ({ configuration_id, function: fn, count }: Row): Wanted => ({
	configuration: configuration_id,
	...(fn === '' ? {} : { function: fn as FunctionId }),
	count
});

/** What is wanted by some sources, from a day on where one is given. */
export async function wantedBy(
	db: Knex,
	sources: readonly DemandSource[],
	{ since = '', inVain = false }: { since?: string; inVain?: boolean } = {}
): Promise<Wanted[]> {
	const query = db('demand').whereIn('source', sources).where('day', '>=', since);
	if (inVain) void query.where({ answered: 0 });
	const rows: Row[] = await query
		.groupBy('configuration_id', 'function')
		.select('configuration_id', 'function')
		.sum({ count: 'count' });
	return rows.map(wantedOf);
}

/** How many rows each source has, and how much they come to. */
export async function demandTotals(db: Knex): Promise<Record<DemandSource, { rows: number; count: number }>> {
	const rows: { source: DemandSource; rows: number; count: number }[] = await db('demand')
		.groupBy('source')
		.select('source')
		.count({ rows: '*' })
		.sum({ count: 'count' });
	const found = new Map(rows.map((row) => [row.source, { rows: Number(row.rows), count: Number(row.count) }]));
	return Object.fromEntries(
		DEMAND_SOURCES.map((source) => [source, found.get(source) ?? { rows: 0, count: 0 }])
	) as Record<DemandSource, { rows: number; count: number }>;
}

/** Puts what a file says in the place of what one said before. */
export async function putRegistered(tx: Tx, wanted: readonly Wanted[]): Promise<void> {
	await tx('demand').where({ source: 'registered' }).delete();
	const sums = new Map<string, Row>();
	for (const { configuration, function: fn = '', count } of wanted) {
		const key = `${configuration} ${fn}`;
		const known = sums.get(key);
		sums.set(key, { configuration_id: configuration, function: fn, count: count + (known?.count ?? 0) });
	}
	await writeRows(
		tx,
		{ table: 'demand' },
		[...sums.values()].map((row) => ({ source: 'registered', ...row, day: '', answered: 1 }))
	);
}

/** One more who wanted something. */
export interface Asked {
	source: Exclude<DemandSource, 'registered'>;
	configuration: string;
	function?: FunctionId | undefined;
	day: string;
	answered: boolean;
	/** How many; 1 when not given. */
	count?: number;
}

/** Counts what was asked for, and whether there was anything for it. Of who asked nothing is kept. */
export async function countAsked(tx: Tx, asked: readonly Asked[]): Promise<void> {
	const sums = new Map<string, Row & { source: DemandSource; day: string; answered: number }>();
	for (const { source, configuration, function: fn = '', day, answered, count = 1 } of asked) {
		const row = { source, configuration_id: configuration, function: fn, day, answered: answered ? 1 : 0 };
		const key = Object.values(row).join(' ');
		sums.set(key, { ...row, count: count + (sums.get(key)?.count ?? 0) });
	}
	const rows = [...sums.values()];
	for (let at = 0; at < rows.length; at += AT_ONCE)
		await tx('demand')
			.insert(rows.slice(at, at + AT_ONCE))
			.onConflict(['source', 'configuration_id', 'function', 'day', 'answered'])
			.merge({ count: tx.raw('demand.count + excluded.count') });
}
