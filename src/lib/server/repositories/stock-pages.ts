import type { Knex } from 'knex';
import type { Accessory, Product } from '../../core/model';
import { productColumns } from '../../core/views';
import { branchOf, WHOLE_CHAIN } from '../db/branch';
import { inParts } from '../db/in-parts';
import { idsWith, plainWords } from '../db/text-search';
import { skusPricedAt } from './branch-packs';
import { itemsOfSkus } from './packs';
import { findProducts, parsed, type Documented } from './products';

/** Part of a list, and how many there are in all. */
export interface PartOf<T> {
	rows: T[];
	total: number;
}

/** Things a search brings at most: who finds more has to say more. */
export const MOST_FOUND = 1000;

/** What products of a list may be ordered by; by their name otherwise. */
export const STOCK_ORDERS = ['fits', 'light', 'watts', 'lumens', 'price'] as const;
export type StockOrder = (typeof STOCK_ORDERS)[number];

/** Ids of what a search of the stock brings; null for all there is. */
export type Found = readonly string[] | null;

/** Things in stock that have words beginning with all that is typed, the most at most. */
export async function searchStock(db: Knex, typed: string): Promise<Found> {
	if (typed.trim() === '') return null;
	const words = plainWords(typed.split(/\s+/));
	if (words.length === 0) return [];
	const rows: { id: string }[] = await idsWith(
		db,
		'stock_search',
		words.map((word) => [word])
	).limit(MOST_FOUND);
	return rows.map(({ id }) => id);
}

/** Which part of the stock somebody wants to see. */
export interface StockWish {
	found: Found;
	from: number;
	most: number;
	/** Products alone: only those with claims to look at, and what they are ordered by. */
	doubted?: boolean;
	by?: StockOrder | null;
	down?: boolean;
}

/** What products cost at the branch the database is seen from, minor units a piece, by their id: those that have a price of their own there. */
async function pricesHere(db: Knex): Promise<Map<string, number>> {
	const branch = branchOf(db);
	if (branch === null || branch === WHOLE_CHAIN) return new Map();
	const skus = await skusPricedAt(db, branch);
	const products = await findProducts(db, await itemsOfSkus(db, skus));
	return new Map(products.map((product) => [product.id as string, productColumns(product).price]));
}

/** A page by what a piece costs at a branch that has prices of its own: the column of the table has those of the first branch. */
async function pageByPrice(
	db: Knex,
	{ found, from, most, doubted = false, down = false }: StockWish,
	prices: ReadonlyMap<string, number>
): Promise<PartOf<Product>> {
	interface Priced {
		id: string;
		maker: string;
		name: string;
		price: number;
	}
	const read = (query: Knex.QueryBuilder): Promise<Priced[]> =>
		query.where(doubted ? { doubted: 1 } : {}).select('id', 'maker', 'name', 'price');
	const rows =
		found === null
			? await read(db('products'))
			: await inParts(found, (part) => read(db('products').whereIn('id', part)));
	const text = (a: string, b: string) => (a < b ? -1 : Number(a > b));
	const priced = rows.map((row) => ({ ...row, price: prices.get(row.id) ?? row.price }));
	priced.sort(
		(a, b) =>
			(down ? b.price - a.price : a.price - b.price) ||
			text(a.maker, b.maker) ||
			text(a.name, b.name) ||
			text(a.id, b.id)
	);
	const ids = priced.slice(from, from + most).map(({ id }) => id);
	const products = new Map((await findProducts(db, ids)).map((product) => [product.id as string, product]));
	return { rows: ids.flatMap((id) => products.get(id) ?? []), total: rows.length };
}

/** A page of products, and how many there are of them. */
export async function pageOfProducts(db: Knex, wish: StockWish): Promise<PartOf<Product>> {
	const { doubted = false, by = null, down = false } = wish;
	const prices = by === 'price' ? await pricesHere(db) : new Map<string, number>();
	if (prices.size > 0) return pageByPrice(db, wish, prices);
	const way = down ? 'desc' : 'asc';
	const order = ['maker', 'name', 'id'].map((column) => ({ column, order: by === null ? way : 'asc' }));
	return partOf(db, wish, {
		table: 'products',
		where: doubted ? { doubted: 1 } : {},
		order: by === null ? order : [{ column: by, order: way }, ...order]
	});
}

/** A page of accessories, and how many there are of them. */
export const pageOfAccessories = (db: Knex, wish: StockWish): Promise<PartOf<Accessory>> =>
	partOf(db, wish, { table: 'accessories', where: {}, order: [{ column: 'id', order: 'asc' }] });

async function partOf<T extends Product | Accessory>(
	db: Knex,
	{ found, from, most }: StockWish,
	{ table, where, order }: { table: string; where: object; order: { column: string; order: string }[] }
): Promise<PartOf<T>> {
	const matching = () => {
		const query = db(table).where(where);
		return found === null ? query : query.whereIn('id', found);
	};
	const page = matching().orderBy(order).offset(from).limit(most).select('document');
	// What was found is few enough to be counted on the way.
	if (found !== null) void page.select(db.raw('count(*) over () as n'));
	const rows: (Documented & { n?: number })[] = await page;
	const counted = rows[0]?.n ?? (found !== null && from === 0 ? 0 : (await matching().count({ n: '*' }))[0]?.n);
	return { rows: await parsed<T>(db, rows), total: Number(counted ?? 0) };
}
