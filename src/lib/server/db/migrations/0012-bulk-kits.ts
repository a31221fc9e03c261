import type { Knex } from 'knex';

/** Kits to be worked out for many vehicles, one after another, when nobody waits for an answer. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('bulk_kits', (t) => {
		t.increments('number');
		t.string('configuration_id').notNullable();
		/** What is asked for, JSON, and what the kit is to be called. */
		t.text('kit_order').notNullable();
		t.string('name').notNullable();
		/** waiting, done, or failed. */
		t.string('state').notNullable().index();
		/** It is not begun before this, ISO. */
		t.string('not_before').notNullable();
		/** The draft that came of it, and why none did. */
		t.string('kit_id');
		t.string('why');
	});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	await db.schema.dropTable('bulk_kits');
}
