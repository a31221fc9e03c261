import type { Knex } from 'knex';

/** Cases of the house that are asked in practice: from what the shop has settled, or written by somebody. Only the folder of the practice has rows in it. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('practice_cases', (t) => {
		t.increments('number');
		/** What it came from, so that it is taken in once; null for one that somebody wrote. */
		t.string('ref').unique();
		/** The case, JSON. */
		t.text('document').notNullable();
		t.string('at').notNullable();
		/** When somebody left it out; null while it is asked. */
		t.string('left_out_at');
	});
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	await db.schema.dropTable('practice_cases');
}
