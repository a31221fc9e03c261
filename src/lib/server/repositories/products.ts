import type { Knex } from 'knex';
import { removeRows, writeRows } from '../db/bulk';
import type { Tx } from '../db/change';
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

/** Writes products whole, and the categories they are found by. */
export async function putProducts(tx: Tx, products: readonly Product[]): Promise<void> {
	const rows = products.map((p) => ({ id: p.id, maker: p.maker, name: p.name, document: JSON.stringify(p) }));
	const ids = products.map(({ id }) => id);
	await writeRows(tx, { table: 'products', key: ['id'] }, rows);
	await removeRows(tx, { table: 'product_fits', column: 'product_id' }, ids);
	const fits = products.flatMap((p) => [...new Set(p.fits)].map((category) => ({ product_id: p.id, category })));
	await writeRows(tx, { table: 'product_fits' }, fits);
}

/** All accessories, by id. */
export async function listAccessories(db: Knex): Promise<Accessory[]> {
	const rows: { document: string }[] = await db('accessories').orderBy('id').select('document');
	return rows.map((row) => JSON.parse(row.document));
}

/** Writes accessories whole. */
export async function putAccessories(tx: Tx, accessories: readonly Accessory[]): Promise<void> {
	const rows = accessories.map((a) => ({ id: a.id, document: JSON.stringify(a) }));
	await writeRows(tx, { table: 'accessories', key: ['id'] }, rows);
}
