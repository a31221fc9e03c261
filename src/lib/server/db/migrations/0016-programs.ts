import type { Knex } from 'knex';

/** Tokens of programs that may ask, and what each is good for; addresses that are told of things, and what is on its way to them. */
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
	await db.schema.createTable('hooks', (t) => {
		t.increments('id');
		t.string('address').notNullable();
		/** What it is told of, JSON. */
		t.text('events').notNullable();
		/** What its messages are signed with. */
		t.string('secret').notNullable();
		t.string('created_at').notNullable();
		t.string('ended_at');
	});
	await db.schema.createTable('messages', (t) => {
		t.string('id').primary();
		t.integer('hook_id').notNullable().references('hooks.id').index();
		t.string('event').notNullable();
		/** As it is sent, JSON. */
		t.text('body').notNullable();
		t.string('made_at').notNullable().index();
		t.integer('tries').notNullable().defaultTo(0);
		/** It is not tried before this, ISO; null once it arrived, or was given up. */
		t.string('next_at').index();
		t.string('arrived_at');
		/** What came of the last try, in words. */
		t.string('said');
	});
	/** Released kits that were said to be broken, so that each is said once. */
	await db.schema.createTable('flagged_kits', (t) => {
		t.string('code').primary();
		t.string('at').notNullable();
	});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	for (const table of ['flagged_kits', 'messages', 'hooks', 'api_tokens']) await db.schema.dropTable(table);
}
