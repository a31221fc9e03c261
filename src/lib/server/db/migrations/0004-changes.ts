import type { Knex } from 'knex';

/** Conditions under which the database itself refuses an update. */
const GUARDS: readonly [name: string, on: string, when: string, words: string][] = [
	['revisions_stay', 'UPDATE ON kit_revisions', '1', 'a released revision does not change'],
	['revisions_are_kept', 'DELETE ON kit_revisions', '1', 'a released revision is kept'],
	['kits_step_by_step', 'UPDATE ON kits', 'NEW.version <> OLD.version + 1', 'a kit was changed by somebody else'],
	[
		'released_kits_stay',
		'UPDATE ON kits',
		`OLD.state = 'released' AND NEW.state = 'released' AND (NEW.kit_order <> OLD.kit_order OR NEW.answer <> OLD.answer)`,
		'a released kit does not change'
	]
];

/** Who may write now; a version and a foundation of every kit; released kits guarded by the database itself. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('writes', (t) => {
		t.integer('id').primary();
		t.integer('number').notNullable();
	});
	await db('writes').insert({ id: 1, number: 0 });
	await db.schema.alterTable('kits', (t) => {
		t.integer('version').notNullable().defaultTo(0);
		/** Fingerprints of all that the answer stands on. */
		t.text('stands_on').notNullable().defaultTo('{}');
	});
	// Dropping it by way of a copy of the table would take the revisions along.
	await db.raw('ALTER TABLE kits DROP COLUMN data_version');
	for (const [name, on, when, words] of GUARDS)
		await db.raw(`CREATE TRIGGER ${name} BEFORE ${on} WHEN ${when} BEGIN SELECT RAISE(ABORT, '${words}'); END`);
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	for (const [name] of GUARDS) await db.raw(`DROP TRIGGER ${name}`);
	await db.schema.alterTable('kits', (t) => {
		t.integer('data_version').notNullable().defaultTo(-1);
	});
	for (const column of ['version', 'stands_on']) await db.raw(`ALTER TABLE kits DROP COLUMN ${column}`);
	await db.schema.dropTable('writes');
}
