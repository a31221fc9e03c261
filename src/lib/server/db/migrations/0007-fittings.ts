import type { Knex } from 'knex';

/** Kits that are fitted in the bay, what is ticked and found there, and pictures. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('fittings', (t) => {
		t.string('id').primary();
		t.string('configuration_id').notNullable().references('configurations.id').index();
		/** Id and name of the kit, and the revision that is fitted; the kit itself may go. */
		t.string('kit_id').notNullable();
		t.string('kit_name').notNullable();
		t.integer('revision');
		t.string('code');
		t.string('state').notNullable();
		t.string('started_at').notNullable().index();
		t.string('started_by');
		t.string('finished_at');
		/** The work as it stood when the fitting began, JSON. */
		t.text('plan').notNullable();
	});
	await db.schema.createTable('fitting_marks', (t) => {
		t.increments('id');
		t.string('fitting_id').notNullable().references('fittings.id').index();
		/** Made where the tick was made: what is sent twice is kept once. */
		t.string('uid').notNullable().unique();
		t.string('step').notNullable();
		t.string('kind').notNullable();
		t.string('at').notNullable();
		t.string('by');
		/** What belongs to its kind, JSON. */
		t.text('data').notNullable();
	});
	await db.schema.createTable('pictures', (t) => {
		/** SHA-256 of its bytes. */
		t.string('hash').primary();
		t.string('type').notNullable();
		/** Its bytes, base64. */
		t.text('data').notNullable();
	});
}

/** Takes everything down again. */
export async function down(db: Knex): Promise<void> {
	for (const table of ['pictures', 'fitting_marks', 'fittings']) await db.schema.dropTable(table);
}
