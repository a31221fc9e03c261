import type { Knex } from 'knex';
import type { Tx } from '../change';
import { engineOf } from '../engines';
import { STEP_BY_STEP } from './0004-changes';
import type { Accessory, Product } from '../../../core/model';
import { vehicleName } from '../../../core/vehicle';
import { accessoryColumns, productColumns } from '../../../core/views';

const NEW_COLUMNS: Readonly<Record<string, readonly [column: string, type: 'text' | 'integer' | 'real'][]>> = {
	configurations: [
		['mark', 'integer'],
		['name', 'text']
	],
	products: [
		['mark', 'integer'],
		['kind', 'text'],
		['fits', 'text'],
		['light', 'text'],
		['watts', 'real'],
		['lumens', 'real'],
		['price', 'integer'],
		['doubted', 'integer']
	],
	accessories: [
		['mark', 'integer'],
		['kind', 'text']
	],
	kits: [
		['total', 'integer'],
		['open_places', 'integer']
	],
	kit_revisions: [['mark', 'integer']],
	/** The product a proof, a reading or a complaint is about. */
	records: [['about', 'text']]
};

async function fillItems(db: Knex, table: 'products' | 'accessories'): Promise<void> {
	const rows: { id: string; document: string }[] = await db(table).select('id', 'document');
	for (const { id, document } of rows) {
		const item = JSON.parse(document) as Product | Accessory;
		const columns = table === 'products' ? productColumns(item as Product) : accessoryColumns(item as Accessory);
		const { words, ...others } = columns;
		await db(table).where({ id }).update(others);
		await engineOf(db).putWords(db as Tx, 'stock_search', [{ id, words }]);
		if (item.kind === 'assembly') {
			await db('product_fits').where({ product_id: id }).delete();
			await db('product_fits').insert({ product_id: id, category: 'assembly' });
		}
		for (const { sku } of item.packs) await db('packs').insert({ sku, item: id }).onConflict('sku').ignore();
	}
}

async function fillNames(db: Knex): Promise<void> {
	const rows: { id: string; document: string }[] = await db('configurations').select('id', 'document');
	for (const { id, document } of rows)
		await db('configurations')
			.where({ id })
			.update({ name: vehicleName(JSON.parse(document)) });
}

async function fillKits(db: Knex): Promise<void> {
	const rows: { id: string; answer: string; life: string }[] = await db('kits').select('id', 'answer', 'life');
	for (const { id, answer, life } of rows) {
		const { total = 0, open = [], lines = [] } = JSON.parse(answer);
		await db('kits').where({ id }).update({ total, open_places: open.length });
		const items = new Set<string>(
			lines.flatMap((l: { product?: string; accessory?: string }) => l.product ?? l.accessory ?? [])
		);
		for (const item of items) await db('kit_items').insert({ kit_id: id, item });
		for (const other of new Set<string>(JSON.parse(life).also ?? []))
			await db('kit_also').insert({ kit_id: id, configuration_id: other });
	}
}

async function fillRecords(db: Knex): Promise<void> {
	const rows: { id: number; document: string }[] = await db('records').select('id', 'document');
	for (const { id, document } of rows)
		await db('records')
			.where({ id })
			.update({ about: JSON.parse(document).product ?? '' });
}

/** Marks of what was changed when, and what lists and searches look at beside the documents. */
export async function up(db: Knex): Promise<void> {
	for (const [table, columns] of Object.entries(NEW_COLUMNS))
		await db.schema.alterTable(table, (t) => {
			for (const [column, type] of columns)
				if (type === 'real') t.float(column).notNullable().defaultTo(0);
				else if (type === 'integer') t.integer(column).notNullable().defaultTo(0);
				else t.text(column).notNullable().defaultTo('');
		});
	/** When a product of a lamp category was changed last. */
	await db.schema.createTable('shelf_marks', (t) => {
		t.string('category').primary();
		t.integer('mark').notNullable();
	});
	await engineOf(db).createWordTable(db, 'stock_search');
	await engineOf(db).createWordRows(db);
	/** A pack has a number that nothing else has. */
	await db.schema.createTable('packs', (t) => {
		t.string('sku').primary();
		t.string('item').notNullable().index();
	});
	await db.schema.createTable('kit_items', (t) => {
		t.string('kit_id').notNullable().references('kits.id').onDelete('CASCADE');
		t.string('item').notNullable();
		t.primary(['kit_id', 'item']);
	});
	await db.schema.createTable('kit_also', (t) => {
		t.string('kit_id').notNullable().references('kits.id').onDelete('CASCADE');
		t.string('configuration_id').notNullable().index();
		t.primary(['kit_id', 'configuration_id']);
	});
	await db.schema.alterTable('configurations', (t) => {
		t.index(['make', 'model', 'id'], 'configurations_by_name');
	});
	await db.schema.alterTable('products', (t) => {
		t.index(['maker', 'name', 'id'], 'products_by_name');
	});
	await db.schema.alterTable('kits', (t) => {
		t.index(['updated_at', 'id'], 'kits_by_age');
	});
	await db.schema.alterTable('records', (t) => {
		t.index(['list', 'about'], 'records_by_product');
	});
	await db('settings').whereIn('key', ['data-version', 'catalogue-version']).delete();
	// Only the columns of before are filled, so the guard of released kits has nothing to say.
	await engineOf(db).dropGuard(db, STEP_BY_STEP);
	await fillNames(db);
	await fillItems(db, 'products');
	await fillItems(db, 'accessories');
	const shelves: { category: string }[] = await db('product_fits').distinct('category');
	for (const { category } of shelves) await db('shelf_marks').insert({ category, mark: 1 });
	await fillKits(db);
	await fillRecords(db);
	await engineOf(db).createGuard(db, STEP_BY_STEP);
}

/** Takes it down again. */
export async function down(db: Knex): Promise<void> {
	for (const [table, index] of [
		['configurations', 'configurations_by_name'],
		['products', 'products_by_name'],
		['kits', 'kits_by_age'],
		['records', 'records_by_product']
	] as const)
		await db.schema.alterTable(table, (t) => {
			t.dropIndex([], index);
		});
	for (const table of ['kit_also', 'kit_items', 'packs', 'stock_search', 'shelf_marks'])
		await db.schema.dropTable(table);
	await db.schema.dropTableIfExists('word_rows');
	for (const [table, columns] of Object.entries(NEW_COLUMNS))
		for (const [column] of columns) await db.raw(`ALTER TABLE ${table} DROP COLUMN ${column}`);
}
