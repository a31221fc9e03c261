import type { Knex } from 'knex';

/** What happened to a kit on its way to release: who checked it, and which other vehicles it does for. */
export async function up(db: Knex): Promise<void> {
	await db.schema.alterTable('kits', (t) => {
		t.text('life').notNullable().defaultTo('{}');
	});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	await db.schema.alterTable('kits', (t) => {
		t.dropColumn('life');
	});
}
