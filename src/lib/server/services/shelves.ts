import { LRUCache } from 'lru-cache';
import type { Knex } from 'knex';
import type { Product } from '../../core/model';
import { productCase, type ProductCase } from '../../core/match';
import { countFor, productsFor } from '../repositories/products';
import { shelfMarks } from '../repositories/marks';
import { openComplaints } from './stock';

/** Products of one lamp category, prepared for matching, as they stood at a mark. */
interface Shelf {
	mark: number;
	cases: ReadonlyMap<string, ProductCase>;
}

/** Characters of product records held in memory at most; a prepared product takes a few times that. */
const MOST_CHARACTERS = 48_000_000;
/** Room for the map itself of an empty shelf. */
const EMPTY_SHELF = 100;

const rooms = new WeakMap<Knex, LRUCache<string, Shelf>>();

function roomOf(db: Knex): LRUCache<string, Shelf> {
	const known = rooms.get(db);
	if (known) return known;
	const room = new LRUCache<string, Shelf>({
		maxSize: MOST_CHARACTERS,
		sizeCalculation: ({ cases }) => EMPTY_SHELF + cases.size * CHARACTERS_EACH
	});
	rooms.set(db, room);
	return room;
}

/** Characters a product record has, about. */
const CHARACTERS_EACH = 800;

/** Prepares products, with the complaints nobody has settled. */
export async function prepared(db: Knex, products: readonly Product[]): Promise<ProductCase[]> {
	const open = await openComplaints(
		db,
		products.map(({ id }) => id)
	);
	return products.map((product) => productCase(product, open.get(product.id) ?? 0));
}

/** A shelf as it is now: what has changed since it was read is read again, and all of it when something was taken from it. */
async function shelfAt(db: Knex, category: string, { known, mark }: { known: Shelf | undefined; mark: number }) {
	if (known) {
		const cases = new Map(known.cases);
		for (const item of await prepared(db, await productsFor(db, category, known.mark))) cases.set(item.record.id, item);
		if (cases.size === (await countFor(db, category))) return { mark, cases };
	}
	const all = await prepared(db, await productsFor(db, category));
	return { mark, cases: new Map(all.map((item) => [item.record.id as string, item])) };
}

/** Prepared products of lamp categories, each once, and the highest mark among the shelves. */
export async function fromShelves(
	db: Knex,
	categories: readonly string[]
): Promise<{ cases: Map<string, ProductCase>; mark: number }> {
	const room = roomOf(db);
	const marks = await shelfMarks(db, categories);
	const cases = new Map<string, ProductCase>();
	for (const category of categories) {
		const mark = marks.get(category);
		if (mark === undefined) continue;
		const known = room.get(category);
		const shelf = known?.mark === mark ? known : await shelfAt(db, category, { known, mark });
		if (shelf !== known) room.set(category, shelf);
		for (const [id, item] of shelf.cases) cases.set(id, item);
	}
	return { cases, mark: Math.max(0, ...marks.values()) };
}
