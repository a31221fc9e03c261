import type { Knex } from 'knex';
import { engineOf } from '../engines';

/** Documents are kept whole, beside the columns that are searched. */
export async function up(db: Knex): Promise<void> {
	await db.schema.createTable('settings', (t) => {
		t.string('key').primary();
		t.text('value').notNullable();
	});
	await db.schema.createTable('configurations', (t) => {
		t.string('id').primary();
		t.string('make').notNullable();
		t.string('model').notNullable();
		t.string('kind').notNullable();
		t.text('document').notNullable();
	});
	await engineOf(db).createWordTable(db, 'configuration_search');
	await db.schema.createTable('products', (t) => {
		t.string('id').primary();
		t.string('maker').notNullable();
		t.string('name').notNullable();
		t.text('document').notNullable();
	});
	await db.schema.createTable('product_fits', (t) => {
		t.string('product_id').notNullable().references('products.id').onDelete('CASCADE');
		t.string('category').notNullable().index();
		t.primary(['product_id', 'category']);
	});
	await db.schema.createTable('accessories', (t) => {
		t.string('id').primary();
		t.text('document').notNullable();
	});
	await db.schema.createTable('kits', (t) => {
		t.string('id').primary();
		t.string('name').notNullable();
		t.string('configuration_id').notNullable().references('configurations.id').index();
		t.string('state').notNullable();
		t.text('kit_order').notNullable();
		t.text('answer').notNullable();
		t.integer('data_version').notNullable();
		t.text('extra').notNullable();
		t.string('created_at').notNullable();
		t.string('updated_at').notNullable();
	});
	await db.schema.createTable('kit_revisions', (t) => {
		t.string('kit_id').notNullable().references('kits.id').onDelete('CASCADE');
		t.integer('revision').notNullable();
		t.string('code').notNullable().unique();
		t.string('released_at').notNullable();
		t.text('document').notNullable();
		t.primary(['kit_id', 'revision']);
	});
	await db.schema.createTable('records', (t) => {
		t.increments('id');
		t.string('list').notNullable();
		t.text('document').notNullable();
		t.unique(['list', 'document']);
	});
}

/** Takes everything down again. */
export async function down(db: Knex): Promise<void> {
	const tables = [
		'records',
		'kit_revisions',
		'kits',
		'accessories',
		'product_fits',
		'products',
		'configuration_search',
		'configurations',
		'settings'
	];
	for (const table of tables) await db.schema.dropTable(table);
}
