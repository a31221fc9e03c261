import type { Knex } from 'knex';

/** What the engine itself finds wrong with an open database: the file, and rows that point at nothing. */
export async function faultsIn(db: Knex): Promise<{ fault: string | null; strays: string[] }> {
	const [whole] = (await db.raw('PRAGMA integrity_check(1)')) as { integrity_check: string }[];
	const strays = (await db.raw('PRAGMA foreign_key_check')) as { table: string; parent: string }[];
	return {
		fault: whole?.integrity_check === 'ok' ? null : (whole?.integrity_check ?? 'no answer'),
		strays: strays.map(({ table, parent }) => `${table} to ${parent}`)
	};
}
