import type { Knex } from 'knex';
import { removeRows, writeRows } from '../db/bulk';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';
import { putWords } from '../db/text-search';
import type { Accessory, Product } from '../../core/model';
import { accessoryColumns, productColumns } from '../../core/views';
import { asSeenFrom } from './branch-packs';
import { markOf, markShelves } from './marks';
import { anyCharacter, putPacks, sameNumber } from './packs';
import { raiseMark } from './settings';

/** A row with the record it is of. */
export interface Documented {
	document: string;
}

/** Things of the stock, with the shelves of where the database is seen from. */
export const parsed = <T extends Product | Accessory>(db: Knex, rows: readonly Documented[]): Promise<T[]> =>
	asSeenFrom(
		db,
		rows.map(({ document }) => JSON.parse(document) as T)
	);

/** All products, by maker and name. For exports: pages ask for what they show. */
export async function listProducts(db: Knex): Promise<Product[]> {
	return parsed(db, await db('products').orderBy(['maker', 'name', 'id']).select('document'));
}

async function find<T extends Product | Accessory>(
	db: Knex,
	table: 'products' | 'accessories',
	id: string
): Promise<T | null> {
	const [found] = await findAll<T>(db, table, [id]);
	return found ?? null;
}

/** One product; null when it is not there. */
export const findProduct = (db: Knex, id: string) => find<Product>(db, 'products', id);

/** One accessory; null when it is not there. */
export const findAccessory = (db: Knex, id: string) => find<Accessory>(db, 'accessories', id);

/** The id of the product a person typed, in capitals or not; null when there is none. */
export async function productIdLike(db: Knex, typed: string): Promise<string | null> {
	const rows: { id: string }[] = await db('products').whereILike('id', anyCharacter(typed)).select('id');
	return rows.find(({ id }) => sameNumber(id, typed))?.id ?? null;
}

const findAll = async <T extends Product | Accessory>(
	db: Knex,
	table: 'products' | 'accessories',
	ids: readonly string[]
): Promise<T[]> =>
	parsed(db, await inParts<string, Documented>(ids, (part) => db(table).whereIn('id', part).select('document')));

/** Products by their ids; those not there are left out. */
export const findProducts = (db: Knex, ids: readonly string[]) => findAll<Product>(db, 'products', ids);

/** Accessories by their ids; those not there are left out. */
export const findAccessories = (db: Knex, ids: readonly string[]) => findAll<Accessory>(db, 'accessories', ids);

/** What assemblies are found by, which are made for a vehicle and not for a lamp category. */
export const ASSEMBLIES = 'assembly';

/** Products made for a lamp category, or all assemblies; only those changed after a mark when one is given. */
export async function productsFor(db: Knex, category: string, after = -1): Promise<Product[]> {
	return parsed(
		db,
		await db('product_fits')
			.join('products', 'products.id', 'product_fits.product_id')
			.where('product_fits.category', category)
			.where('products.mark', '>', after)
			.select('products.document')
	);
}

/** How many products are made for a lamp category. */
export async function countFor(db: Knex, category: string): Promise<number> {
	const [row] = await db('product_fits').where({ category }).count({ n: '*' });
	return Number(row?.n ?? 0);
}

/** Lamp categories a product is found under. */
const shelvesOf = ({ kind, fits }: Product): string[] => (kind === 'assembly' ? [ASSEMBLIES] : [...new Set(fits)]);

async function shelvesWith(db: Knex, ids: readonly string[]): Promise<string[]> {
	const rows = await inParts<string, { category: string }>(ids, (part) =>
		db('product_fits').whereIn('product_id', part).distinct('category')
	);
	return [...new Set(rows.map(({ category }) => category))];
}

/** Writes products whole, and what they are found by. */
export async function putProducts(tx: Tx, products: readonly Product[]): Promise<void> {
	if (products.length === 0) return;
	const mark = markOf(tx);
	const rows = products.map((p) => {
		const { words: _words, ...columns } = productColumns(p);
		return { id: p.id, maker: p.maker, name: p.name, mark, ...columns, document: JSON.stringify(p) };
	});
	const ids = products.map(({ id }) => id);
	const before = await shelvesWith(tx, ids);
	await writeRows(tx, { table: 'products', key: ['id'] }, rows);
	await removeRows(tx, { table: 'product_fits', column: 'product_id' }, ids);
	const fits = products.flatMap((p) => shelvesOf(p).map((category) => ({ product_id: p.id, category })));
	await writeRows(tx, { table: 'product_fits' }, fits);
	await markShelves(tx, [...before, ...fits.map(({ category }) => category)]);
	await putWords(
		tx,
		'stock_search',
		products.map((p) => ({ id: p.id, words: productColumns(p).words }))
	);
	await putPacks(tx, products);
}

/** Marks products that are judged anew although they are the same: something was said of them, or lies on another shelf. */
export async function touchProducts(tx: Tx, ids: readonly string[]): Promise<void> {
	const mark = markOf(tx);
	await inParts(ids, async (part) => [await tx('products').whereIn('id', part).update({ mark })]);
	await markShelves(tx, await shelvesWith(tx, ids));
}

/** Marks a product that is judged anew although it is the same. */
export const touchProduct = (tx: Tx, id: string): Promise<void> => touchProducts(tx, [id]);

/** All accessories, by id. */
export async function listAccessories(db: Knex): Promise<Accessory[]> {
	return parsed(db, await db('accessories').orderBy('id').select('document'));
}

/** Writes accessories whole. */
export async function putAccessories(tx: Tx, accessories: readonly Accessory[]): Promise<void> {
	if (accessories.length === 0) return;
	const mark = markOf(tx);
	const rows = accessories.map((a) => {
		const { words: _words, ...columns } = accessoryColumns(a);
		return { id: a.id, mark, ...columns, document: JSON.stringify(a) };
	});
	await writeRows(tx, { table: 'accessories', key: ['id'] }, rows);
	await raiseMark(tx, 'shop');
	await putWords(
		tx,
		'stock_search',
		accessories.map((a) => ({ id: a.id, words: accessoryColumns(a).words }))
	);
	await putPacks(tx, accessories);
}

/** Marks accessories whose shelves were changed. */
export async function touchAccessories(tx: Tx, ids: readonly string[]): Promise<void> {
	const mark = markOf(tx);
	await inParts(ids, async (part) => [await tx('accessories').whereIn('id', part).update({ mark })]);
	await raiseMark(tx, 'shop');
}
