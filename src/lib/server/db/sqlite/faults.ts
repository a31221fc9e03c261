import type { Knex } from 'knex';

/** What a quick look at the file finds, as at every start; null when it is whole. */
export async function quickFault(db: Knex): Promise<string | null> {
	const [row] = (await db.raw('PRAGMA quick_check(1)')) as { quick_check: string }[];
	return row?.quick_check === 'ok' ? null : (row?.quick_check ?? 'no answer');
}

/** What the engine itself finds wrong: the file, and rows that point at nothing. */
export async function faults(db: Knex): Promise<{ fault: string | null; strays: string[] }> {
	const [whole] = (await db.raw('PRAGMA integrity_check(1)')) as { integrity_check: string }[];
	const strays = (await db.raw('PRAGMA foreign_key_check')) as { table: string; parent: string }[];
	return {
		fault: whole?.integrity_check === 'ok' ? null : (whole?.integrity_check ?? 'no answer'),
		strays: strays.map(({ table, parent }) => `${table} to ${parent}`)
	};
}
