import type { Knex } from 'knex';

/** How large each picture is, in an index: what all of them take is added up without reading one. */
export async function up(db: Knex): Promise<void> {
	await db.schema.alterTable('pictures', (t) => {
		t.integer('bytes').notNullable().defaultTo(0).index();
	});
	await db.raw('UPDATE pictures SET bytes = LENGTH(data) * 3 / 4');
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	await db.schema.alterTable('pictures', (t) => t.dropIndex('bytes'));
	await db.raw('ALTER TABLE pictures DROP COLUMN bytes');
}
