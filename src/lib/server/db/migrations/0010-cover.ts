import type { Knex } from 'knex';

/**
 * The whole fleet against the whole catalogue, worked out: none of that is data of the shop, all of it can be worked out again. And what is
 * wanted, which is: how many there are, and what was asked for.
 */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('cover_state', (t) => {
		t.integer('id').primary();
		/** What it was judged by: another key and all of it is worked out anew. */
		t.string('rules').notNullable();
		/** Set while a run is under way, so that one that was cut off is taken up. */
		t.string('started_at');
		t.string('finished_at');
	});
	await db.schema.createTable('cover_views', (t) => {
		t.integer('number').primary();
		t.string('rule').notNullable();
		t.text('view').notNullable();
	});
	await db.schema.createTable('cover_traits', (t) => {
		t.integer('number').primary();
		t.text('trait').notNullable();
	});
	await db.schema.createTable('cover_places', (t) => {
		t.integer('number').primary();
		t.string('category').notNullable();
		t.text('views').notNullable();
		t.text('others').notNullable();
		/** Verdicts over the shelf of its category, four to a byte; null while it waits to be judged. */
		t.binary('verdicts');
	});
	await db.schema.createTable('cover_products', (t) => {
		t.integer('number').primary();
		/** Null once the number is not used any more. */
		t.string('product_id').index();
		t.text('categories').notNullable();
		/** What rules read of it, in short. */
		t.string('sign').notNullable();
		t.integer('mark').notNullable();
	});
	await db.schema.createTable('cover_vehicles', (t) => {
		t.string('configuration_id').primary();
		t.integer('mark').notNullable();
		t.text('document').notNullable();
	});
	await db.schema.createTable('demand', (t) => {
		/** Where it comes from: a file of registrations, the counter, a kit that was lost. */
		t.string('source').notNullable();
		t.string('configuration_id').notNullable();
		/** Empty for the whole vehicle. */
		t.string('function').notNullable().defaultTo('');
		/** Day it was asked on; empty for what stands in a file. */
		t.string('day').notNullable().defaultTo('');
		/** 1 where something was found for it, 0 where it was asked in vain. */
		t.integer('answered').notNullable().defaultTo(1);
		t.double('count').notNullable();
		t.primary(['source', 'configuration_id', 'function', 'day', 'answered']);
	});
}

const TABLES = [
	'cover_state',
	'cover_views',
	'cover_traits',
	'cover_places',
	'cover_products',
	'cover_vehicles',
	'demand'
];

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	for (const table of TABLES) await db.schema.dropTable(table);
}
