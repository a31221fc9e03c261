import type { Knex } from 'knex';

/** Tokens of programs that may ask, and what each is good for. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('api_tokens', (t) => {
		t.increments('id');
		t.string('name').notNullable();
		/** Hash of the token. */
		t.string('hash').notNullable().unique();
		/** What it is good for, JSON. */
		t.text('scopes').notNullable();
		t.string('created_at').notNullable();
		/** Last day it is good on; null for no end. */
		t.string('good_until');
		t.string('used_at');
		/** When it was taken back; null while it is good. */
		t.string('ended_at');
	});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	await db.schema.dropTable('api_tokens');
}
