import type { Knex } from 'knex';
import type { KitOrder } from '../../core/model';
import { branchOf } from '../db/branch';
import { writeRows } from '../db/bulk';
import type { Tx } from '../db/change';

/** A kit that is to be worked out, or was. */
export interface BulkKit {
	number: number;
	configuration: string;
	order: KitOrder;
	name: string;
	state: 'waiting' | 'done' | 'failed';
	kit: string | null;
	why: string | null;
	/** Branch it is for; null for the first one. */
	branch: string | null;
}

interface Row {
	number: number;
	configuration_id: string;
	kit_order: string;
	name: string;
	state: BulkKit['state'];
	kit_id: string | null;
	why: string | null;
	branch_id: string | null;
}

const read = ({ number, configuration_id, kit_order, name, state, kit_id, why, branch_id }: Row): BulkKit => ({
	number,
	configuration: configuration_id,
	order: JSON.parse(kit_order) as KitOrder,
	name,
	state,
	kit: kit_id,
	why,
	branch: branch_id
});

/** Puts vehicles in line. One that waits already is not put twice. */
export async function queueKits(
	tx: Tx,
	configurations: readonly string[],
	{ order, name, notBefore }: { order: KitOrder; name: string; notBefore: string }
): Promise<number> {
	const rows: { configuration_id: string }[] = await tx('bulk_kits')
		.where({ state: 'waiting', branch_id: branchOf(tx) })
		.select('configuration_id');
	const waiting = new Set(rows.map(({ configuration_id }) => configuration_id));
	const fresh = configurations.filter((id) => !waiting.has(id));
	await writeRows(
		tx,
		{ table: 'bulk_kits' },
		fresh.map((configuration_id) => ({
			configuration_id,
			branch_id: branchOf(tx),
			kit_order: JSON.stringify(order),
			name,
			state: 'waiting',
			not_before: notBefore
		}))
	);
	return fresh.length;
}

/** Kits whose time has come, in the order they were put in line. */
export async function dueBulkKits(db: Knex, now: string): Promise<number[]> {
	const rows: { number: number }[] = await db('bulk_kits')
		.where({ state: 'waiting' })
		.where('not_before', '<=', now)
		.orderBy('number')
		.select('number');
	return rows.map(({ number }) => number);
}

/** A kit that waits in line; null when it does not any more. */
export async function waitingBulkKit(db: Knex, number: number): Promise<BulkKit | null> {
	const row: Row | undefined = await db('bulk_kits').where({ number, state: 'waiting' }).first();
	return row ? read(row) : null;
}

/** Notes what came of a kit. */
export async function finishBulkKit(tx: Tx, number: number, came: { kit: string } | { why: string }): Promise<void> {
	await tx('bulk_kits')
		.where({ number })
		.update('kit' in came ? { state: 'done', kit_id: came.kit } : { state: 'failed', why: came.why });
}

/** Takes everything that waits out of the line. */
export const dropWaiting = (tx: Tx): Promise<number> => tx('bulk_kits').where({ state: 'waiting' }).delete();

/** How many there are of each state, and the last ones that are no longer waiting. */
export async function bulkKits(
	db: Knex,
	most: number
): Promise<{ waiting: number; done: number; failed: number; last: BulkKit[] }> {
	const counts: { state: BulkKit['state']; n: number }[] = await db('bulk_kits')
		.groupBy('state')
		.select('state')
		.count({ n: '*' });
	const of = (state: BulkKit['state']) => Number(counts.find((one) => one.state === state)?.n ?? 0);
	const rows: Row[] = await db('bulk_kits').whereNot({ state: 'waiting' }).orderBy('number', 'desc').limit(most);
	return { waiting: of('waiting'), done: of('done'), failed: of('failed'), last: rows.map(read) };
}
