import type { Knex } from 'knex';

/** Who may come in, who is in, and codes for tablets in the bay. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('accounts', (t) => {
		t.increments('id');
		t.string('name').notNullable().unique();
		t.string('role').notNullable();
		/** argon2id, with its salt; null where a new one has to be set first. */
		t.string('secret');
		t.string('created_at').notNullable();
		t.boolean('closed').notNullable().defaultTo(false);
		/** Wrong passwords in a row, and until when none is taken. */
		t.integer('failures').notNullable().defaultTo(0);
		t.string('locked_until');
	});
	await db.schema.createTable('sessions', (t) => {
		/** Hash of the token in the cookie. */
		t.string('token').primary();
		t.integer('account_id').notNullable().references('accounts.id').onDelete('CASCADE').index();
		t.string('began_at').notNullable();
		t.string('seen_at').notNullable();
		t.string('ends_at').notNullable();
		/** Where it was opened, in words. */
		t.string('device').notNullable();
	});
	await db.schema.createTable('bay_codes', (t) => {
		/** Hash of the code. */
		t.string('code').primary();
		t.integer('account_id').notNullable().references('accounts.id').onDelete('CASCADE');
		t.string('ends_at').notNullable();
	});
}

/** Takes everything down again. */
export async function down(db: Knex): Promise<void> {
	for (const table of ['bay_codes', 'sessions', 'accounts']) await db.schema.dropTable(table);
}
