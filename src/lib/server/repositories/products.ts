import type { Knex } from 'knex';
import type { Accessory, Product } from '../../core/model';

/** All products, by maker and name. */
export async function listProducts(db: Knex): Promise<Product[]> {
	const rows: { document: string }[] = await db('products').orderBy(['maker', 'name', 'id']).select('document');
	return rows.map((row) => JSON.parse(row.document));
}

async function find<T>(db: Knex, table: 'products' | 'accessories', id: string): Promise<T | null> {
	const row: { document: string } | undefined = await db(table).where({ id }).first('document');
	return row ? JSON.parse(row.document) : null;
}

/** One product; null when it is not there. */
export const findProduct = (db: Knex, id: string) => find<Product>(db, 'products', id);

/** One accessory; null when it is not there. */
export const findAccessory = (db: Knex, id: string) => find<Accessory>(db, 'accessories', id);

/** Writes a product whole, and the categories it is found by. */
export async function putProduct(db: Knex, p: Product): Promise<void> {
	const row = { id: p.id, maker: p.maker, name: p.name, document: JSON.stringify(p) };
	await db('products').insert(row).onConflict('id').merge();
	await db('product_fits').where({ product_id: p.id }).delete();
	const categories = [...new Set(p.fits)];
	await db('product_fits').insert(categories.map((category) => ({ product_id: p.id, category })));
}

/** All accessories, by id. */
export async function listAccessories(db: Knex): Promise<Accessory[]> {
	const rows: { document: string }[] = await db('accessories').orderBy('id').select('document');
	return rows.map((row) => JSON.parse(row.document));
}

/** Writes an accessory whole. */
export async function putAccessory(db: Knex, a: Accessory): Promise<void> {
	await db('accessories')
		.insert({ id: a.id, document: JSON.stringify(a) })
		.onConflict('id')
		.merge();
}
