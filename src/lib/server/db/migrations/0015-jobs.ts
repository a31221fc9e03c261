import type { Knex } from 'knex';

/** Imports as every process knows them, and which process has taken which piece of work. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('imports', (t) => {
		t.string('id').primary();
		t.string('name').notNullable();
		/** preview, write or document, and how it is to be read, JSON. */
		t.string('mode').notNullable();
		t.text('options').notNullable();
		t.text('actor').notNullable();
		/** Who is at it: another mark each time it is taken, so that only the last one may write. Null while it waits, and when it is done. */
		t.string('taken_by');
		/** Set when somebody wants it stopped. */
		t.boolean('stopping').notNullable().defaultTo(false);
		/** What came of it, JSON; null while it is under way. */
		t.text('outcome');
		t.string('began_at').notNullable().index();
		t.binary('file').notNullable();
	});
	await db.schema.createTable('job_takers', (t) => {
		t.string('job').primary();
		t.string('queue').notNullable();
		t.integer('process').notNullable();
	});
	/** How often an address did something, where several processes count together. */
	await db.schema.createTable('rate_limits', (t) => {
		t.string('key').primary();
		t.integer('points').notNullable().defaultTo(0);
		t.bigInteger('expire');
	});
	await db.schema.alterTable('cover_state', (t) => {
		/** Counts every step that was written, so that who has another number knows that somebody else wrote. */
		t.integer('step').notNullable().defaultTo(0);
	});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	await db.raw('ALTER TABLE cover_state DROP COLUMN step');
	for (const table of ['rate_limits', 'job_takers', 'imports']) await db.schema.dropTable(table);
}
