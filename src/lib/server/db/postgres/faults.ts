import type { Knex } from 'knex';

/** The server looks after its files itself. */
export const quickFault = (): Promise<null> => Promise.resolve(null);

/** Reads every row of every table, which finds pages that cannot be read, and references that were never looked over. */
export async function faults(db: Knex): Promise<{ fault: string | null; strays: string[] }> {
	const { rows: tables }: { rows: { name: string }[] } = await db.raw(
		`SELECT relname AS name FROM pg_class WHERE relkind = 'r' AND relnamespace = current_schema()::regnamespace`
	);
	for (const { name } of tables) {
		try {
			await db.raw('SELECT max(length(own::text)) FROM ?? AS own', [name]);
		} catch (error) {
			return { fault: `${name}: ${(error as Error).message}`, strays: [] };
		}
	}
	const { rows: open }: { rows: { name: string; other: string }[] } = await db.raw(
		`SELECT conrelid::regclass::text AS name, confrelid::regclass::text AS other FROM pg_constraint
		WHERE contype = 'f' AND NOT convalidated AND connamespace = current_schema()::regnamespace`
	);
	return { fault: null, strays: open.map(({ name, other }) => `${name} to ${other}`) };
}
