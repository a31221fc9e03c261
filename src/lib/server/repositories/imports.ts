import type { Knex } from 'knex';
import { branchOf } from '../db/branch';
import type { Tx } from '../db/change';

/** An import as every process knows it, without its file. What is JSON is read by whoever wrote it. */
export interface ImportRow {
	id: string;
	name: string;
	mode: string;
	options: string;
	actor: string;
	outcome: string | null;
	beganAt: string;
	/** Branch whose shelves it is for; null for the first one. */
	branch: string | null;
}

const COLUMNS = {
	id: 'id',
	name: 'name',
	mode: 'mode',
	options: 'options',
	actor: 'actor',
	outcome: 'outcome',
	beganAt: 'began_at',
	branch: 'branch_id'
};

/** Puts an import by, with its file. */
export async function addImport(
	tx: Tx,
	{ beganAt, ...row }: Omit<ImportRow, 'outcome' | 'branch'> & { file: Uint8Array }
): Promise<void> {
	await tx('imports').insert({ ...row, file: Buffer.from(row.file), began_at: beganAt, branch_id: branchOf(tx) });
}

/** An import; null when it is not known any more. */
export async function findImport(db: Knex, id: string): Promise<ImportRow | null> {
	return (await db('imports').where({ id }).first(COLUMNS)) ?? null;
}

/** The file of an import; null when it is not known any more. */
export async function importFile(db: Knex, id: string): Promise<Uint8Array | null> {
	const row: { file: Uint8Array } | undefined = await db('imports').where({ id }).first('file');
	return row ? new Uint8Array(row.file) : null;
}

/** Imports nothing has come of yet, the oldest first. */
export async function openImports(db: Knex): Promise<string[]> {
	const rows: { id: string }[] = await db('imports')
		.whereNull('outcome')
		.orderBy('began_at')
		.orderBy('id')
		.select('id');
	return rows.map(({ id }) => id);
}

/** Takes an import that nothing has come of yet: whoever had it before may not write any more. Null when there is nothing to do. */
export async function takeImport(tx: Tx, id: string, mark: string): Promise<ImportRow | null> {
	const taken = await tx('imports').where({ id }).whereNull('outcome').update({ taken_by: mark });
	return taken > 0 ? findImport(tx, id) : null;
}

/** Notes what came of an import, in the change that writes it. False when somebody else has taken it, or wants it stopped. */
export async function finishImport(
	tx: Tx,
	{ id, mark, evenIfStopped = false }: { id: string; mark: string; evenIfStopped?: boolean },
	outcome: object
): Promise<boolean> {
	const own = tx('imports').where({ id, taken_by: mark }).whereNull('outcome');
	if (!evenIfStopped) void own.where({ stopping: false });
	return (await own.update({ outcome: JSON.stringify(outcome), taken_by: null })) > 0;
}

/** Asks something else of an import that is done. False when it is not known, or still under way. */
export async function askImportAgain(
	tx: Tx,
	id: string,
	asked: Pick<ImportRow, 'mode' | 'options' | 'actor'>
): Promise<boolean> {
	const again = { ...asked, outcome: null, taken_by: null, stopping: false };
	return (await tx('imports').where({ id }).whereNotNull('outcome').update(again)) > 0;
}

/** Notes that somebody wants an import stopped: it will not be written. */
export const stopImport = (tx: Tx, id: string): Promise<number> =>
	tx('imports').where({ id }).whereNull('outcome').update({ stopping: true });

/** True when somebody wants it stopped. */
export async function isStopping(db: Knex, id: string): Promise<boolean> {
	return Boolean((await db('imports').where({ id }).first('stopping'))?.stopping);
}

/** Clears imports that are older than anybody looks at, and all but the last ones that are done. */
export async function clearImports(tx: Tx, { before, most }: { before: string; most: number }): Promise<void> {
	await tx('imports').where('began_at', '<', before).delete();
	const last = tx('imports').whereNotNull('outcome').orderBy('began_at', 'desc').limit(most).select('id');
	await tx('imports')
		.whereNotNull('outcome')
		.whereNotIn(
			'id',
			(await last).map(({ id }: { id: string }) => id)
		)
		.delete();
}
