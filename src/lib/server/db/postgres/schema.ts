import type { Knex } from 'knex';
import type { Guard } from '../engine';

/** Makes a trigger that refuses. */
export async function createGuard(db: Knex, { name, on, when, words }: Guard): Promise<void> {
	await db.raw(
		`CREATE FUNCTION ${name}() RETURNS trigger LANGUAGE plpgsql AS $guard$
		BEGIN
			IF ${when} THEN RAISE EXCEPTION '${words}' USING ERRCODE = 'check_violation'; END IF;
			IF TG_OP = 'DELETE' THEN RETURN OLD; END IF;
			RETURN NEW;
		END $guard$`
	);
	await db.raw(`CREATE TRIGGER ${name} BEFORE ${on} FOR EACH ROW EXECUTE FUNCTION ${name}()`);
}

/** Takes it down again. */
export async function dropGuard(db: Knex, { name, on }: Pick<Guard, 'name' | 'on'>): Promise<void> {
	await db.raw(`DROP TRIGGER ${name} ${on.replace(/^\w+ /, '')}`);
	await db.raw(`DROP FUNCTION ${name}()`);
}

/**
 * Puts every column as it is kept here: text of any length in the order of its code points, as in a file, so that lists stand in one order on
 * both engines; numbers with all their digits. Documents and patches are text on both: they come back to the letter, which `jsonb` would not do.
 */
export async function settle(db: Knex): Promise<void> {
	const { rows }: { rows: { table: string; column: string; type: string; collation: string | null }[] } = await db.raw(
		`SELECT c.table_name AS table, c.column_name AS column, c.data_type AS type, c.collation_name AS collation
		FROM information_schema.columns c JOIN information_schema.tables t USING (table_schema, table_name)
		WHERE c.table_schema = current_schema() AND t.table_type = 'BASE TABLE' AND c.table_name NOT LIKE 'knex%'`
	);
	const changes = new Map<string, string[]>();
	for (const { table, column, type, collation } of rows) {
		const change =
			type === 'character varying' || (type === 'text' && collation !== 'C')
				? 'TYPE text COLLATE "C"'
				: type === 'real'
					? 'TYPE double precision'
					: null;
		if (change === null) continue;
		changes.set(table, [...(changes.get(table) ?? []), `ALTER COLUMN "${column}" ${change}`]);
	}
	for (const [table, list] of changes) await db.raw(`ALTER TABLE "${table}" ${list.join(', ')}`);
}

/** Any number: who makes or changes tables of Rotalux holds the lock of this one. */
const MAKING = 727_001;

/** Makes the schema if it is not there, and does work on its tables while no other process does. */
export async function oneAtATime(db: Knex, schema: string, work: () => Promise<void>): Promise<void> {
	await db.transaction(async (tx) => {
		await tx.raw('SELECT pg_advisory_xact_lock(?, hashtext(?))', [MAKING, schema]);
		const { rows } = (await tx.raw('SELECT 1 FROM pg_namespace WHERE nspname = ?', [schema])) as { rows: unknown[] };
		if (rows.length === 0) await db.raw('CREATE SCHEMA ??', [schema]);
		await work();
	});
}

/** Takes everything away, so that migrations begin anew. */
export async function clear(db: Knex, schema: string): Promise<void> {
	await db.raw('DROP SCHEMA IF EXISTS ?? CASCADE', [schema]);
	await db.raw('CREATE SCHEMA ??', [schema]);
}
