import type { Knex } from 'knex';
import type { Guard } from '../engine';
import { engineOf } from '../engines';

/** A kit goes on by one version at a time. */
export const STEP_BY_STEP: Guard = {
	name: 'kits_step_by_step',
	on: 'UPDATE ON kits',
	when: 'NEW.version <> OLD.version + 1',
	words: 'a kit was changed by somebody else'
};

/** What the database itself refuses. */
const GUARDS: readonly Guard[] = [
	{
		name: 'revisions_stay',
		on: 'UPDATE ON kit_revisions',
		when: 'TRUE',
		words: 'a released revision does not change'
	},
	{
		name: 'revisions_are_kept',
		on: 'DELETE ON kit_revisions',
		when: 'TRUE',
		words: 'a released revision is kept'
	},
	STEP_BY_STEP,
	{
		name: 'released_kits_stay',
		on: 'UPDATE ON kits',
		when: `OLD.state = 'released' AND NEW.state = 'released' AND (NEW.kit_order <> OLD.kit_order OR NEW.answer <> OLD.answer)`,
		words: 'a released kit does not change'
	}
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
	for (const guard of GUARDS) await engineOf(db).createGuard(db, guard);
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	for (const guard of GUARDS) await engineOf(db).dropGuard(db, guard);
	await db.schema.alterTable('kits', (t) => {
		t.integer('data_version').notNullable().defaultTo(-1);
	});
	for (const column of ['version', 'stands_on']) await db.raw(`ALTER TABLE kits DROP COLUMN ${column}`);
	await db.schema.dropTable('writes');
}
