import type { Knex } from 'knex';
import type { FittingMark } from '../../core/fitup';
import type { FitUpView } from '../../core/views';
import { bytesText } from '../../core/quantity';
import { mostPictureBytes } from '../config';
import { branchOf } from '../db/branch';
import type { Tx } from '../db/change';
import { Trouble } from '../db/failure';

/** A kit that is fitted to a customer's vehicle. */
export interface StoredFitting {
	id: string;
	configurationId: string;
	kitId: string;
	kitName: string;
	/** The released revision that is fitted; null for a draft. */
	revision: number | null;
	code: string | null;
	state: 'running' | 'finished';
	startedAt: string;
	startedBy: string | null;
	finishedAt: string | null;
	/** The work as it stood when the fitting began. */
	plan: FitUpView;
}

/** A fitting as lists show it. */
export type FittingRow = Omit<StoredFitting, 'plan'>;

const COLUMNS = {
	id: 'id',
	configurationId: 'configuration_id',
	kitId: 'kit_id',
	kitName: 'kit_name',
	revision: 'revision',
	code: 'code',
	state: 'state',
	startedAt: 'started_at',
	startedBy: 'started_by',
	finishedAt: 'finished_at'
} as const;

/** A fitting; null when it is not there. */
export async function findFitting(db: Knex, id: string): Promise<StoredFitting | null> {
	const row = await db('fittings')
		.where({ id })
		.first({ ...COLUMNS, plan: 'plan' });
	return row ? { ...row, plan: JSON.parse(row.plan) } : null;
}

/** Fittings, the last begun first; those of one vehicle when one is named. */
export async function listFittings(db: Knex, most: number, configurationId?: string): Promise<FittingRow[]> {
	const query = db('fittings').orderBy('started_at', 'desc').limit(most).select(COLUMNS);
	if (configurationId !== undefined) void query.where({ configuration_id: configurationId });
	return query;
}

/** Every fitting, the first begun first. For exports: pages ask for what they show. */
export async function everyFitting(db: Knex): Promise<StoredFitting[]> {
	const rows: (FittingRow & { plan: string })[] = await db('fittings')
		.orderBy(['started_at', 'id'])
		.select({ ...COLUMNS, plan: 'plan' });
	return rows.map((row) => ({ ...row, plan: JSON.parse(row.plan) }));
}

/** Writes a new fitting. */
export async function addFitting(tx: Tx, fitting: StoredFitting): Promise<void> {
	const { plan, ...row } = fitting;
	const columns = Object.fromEntries(
		Object.entries(COLUMNS).map(([field, column]) => [column, row[field as keyof FittingRow]])
	);
	await tx('fittings').insert({ ...columns, branch_id: branchOf(tx), plan: JSON.stringify(plan) });
}

/** Gives the fittings of a vehicle to another one. */
export async function moveFittings(tx: Tx, { from, to }: { from: string; to: string }): Promise<void> {
	await tx('fittings').where({ configuration_id: from }).update({ configuration_id: to });
}

/** Says that a fitting is finished. */
export async function closeFitting(tx: Tx, id: string, finishedAt: string): Promise<void> {
	await tx('fittings').where({ id }).update({ state: 'finished', finished_at: finishedAt });
}

/** What was marked in a fitting, in the order it came. */
export async function marksOf(db: Knex, fittingId: string): Promise<FittingMark[]> {
	const rows: { uid: string; step: string; kind: FittingMark['kind']; at: string; by: string | null; data: string }[] =
		await db('fitting_marks').where({ fitting_id: fittingId }).orderBy('id');
	return rows.map(({ uid, step, kind, at, by, data }) => ({ uid, step, kind, at, by, ...JSON.parse(data) }));
}

/** True when a mark has come already. */
export async function hasMark(db: Knex, uid: string): Promise<boolean> {
	return (await db('fitting_marks').where({ uid }).first('id')) !== undefined;
}

/** Writes a mark. */
export async function addMark(tx: Tx, fittingId: string, mark: FittingMark): Promise<void> {
	const { uid, step, kind, at, by, ...data } = mark;
	await tx('fitting_marks').insert({ fitting_id: fittingId, uid, step, kind, at, by, data: JSON.stringify(data) });
}

/** A picture; null when it is not there. */
export async function findPicture(db: Knex, hash: string): Promise<{ type: string; bytes: Buffer } | null> {
	const row = await db('pictures').where({ hash }).first('type', 'data');
	return row ? { type: row.type, bytes: Buffer.from(row.data, 'base64') } : null;
}

/** Every picture with its hash. For exports. */
export async function everyPicture(db: Knex): Promise<{ hash: string; type: string; bytes: Buffer }[]> {
	const rows: { hash: string; type: string; data: string }[] = await db('pictures').orderBy('hash');
	return rows.map(({ hash, type, data }) => ({ hash, type, bytes: Buffer.from(data, 'base64') }));
}

/**
 * Keeps a picture under the hash of its bytes, once.
 * @throws Trouble when all pictures together would take more than they may
 */
export async function keepPicture(
	tx: Tx,
	hash: string,
	{ type, bytes }: { type: string; bytes: Uint8Array }
): Promise<void> {
	if (await tx('pictures').where({ hash }).first('hash')) return;
	const [all] = await tx('pictures').sum({ bytes: 'bytes' });
	if (Number(all?.bytes ?? 0) + bytes.length > mostPictureBytes())
		throw new Trouble(
			`The pictures of the shop take all the room they may, ${bytesText(mostPictureBytes())}. This one was not kept; ROTALUX_PICTURES gives them more.`
		);
	await tx('pictures').insert({ hash, type, data: Buffer.from(bytes).toString('base64'), bytes: bytes.length });
}

/** Fittings that are finished, the last finished first. */
export async function finishedFittings(db: Knex): Promise<FittingRow[]> {
	return db('fittings').where({ state: 'finished' }).orderBy('finished_at', 'desc').select(COLUMNS);
}
