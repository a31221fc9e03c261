import type { Knex } from 'knex';

/** What people answered in practice, and who lets the owner see how they are getting on. Only the folder of the practice has rows in it. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('practice_answers', (t) => {
		t.increments('number');
		t.string('person').notNullable().index();
		/** The exercise: its kind, seed and level. */
		t.string('kind').notNullable();
		t.integer('seed').notNullable();
		t.integer('level').notNullable();
		t.string('chosen').notNullable();
		t.string('reason');
		t.string('outcome').notNullable();
		/** Seconds it took; null where nobody counted. */
		t.integer('seconds');
		t.string('at').notNullable();
	});
	await db.schema.createTable('practice_skills', (t) => {
		t.string('person').notNullable();
		t.string('kind').notNullable();
		/** What is remembered of the skill, JSON. */
		t.text('memory').notNullable();
		t.primary(['person', 'kind']);
	});
	await db.schema.createTable('practice_consents', (t) => {
		t.string('person').primary();
		t.string('since').notNullable();
	});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	for (const table of ['practice_consents', 'practice_skills', 'practice_answers']) await db.schema.dropTable(table);
}
