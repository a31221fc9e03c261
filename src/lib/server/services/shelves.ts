import { LRUCache } from 'lru-cache';
import type { Knex } from 'knex';
import type { Product, Reading } from '../../core/model';
import { fieldFacts, productCase, trackRecords, type ProductCase } from '../../core/match';
import { complaintsAbout } from '../repositories/complaints';
import { fittedLampsOf } from '../repositories/fitted-lamps';
import { followUpsAbout } from '../repositories/follow-ups';
import { countFor, productsFor } from '../repositories/products';
import { proofsAbout } from '../repositories/proofs';
import { recordsAbout } from '../repositories/records';

/** Products of one lamp category, prepared for matching, as they stood at a mark. */
export interface Shelf {
	mark: number;
	byId: ReadonlyMap<string, ProductCase>;
	/** Those that are on sale. */
	offered: readonly ProductCase[];
	hasFieldFacts: boolean;
}

/** Products held in memory at most, about; one takes some kilobytes. */
const MOST_PRODUCTS = 60_000;

interface Room {
	shelves: LRUCache<string, Shelf>;
	/** Shelves that are being read just now: who needs one meanwhile waits for it. */
	coming: Map<string, Promise<Shelf>>;
}

const rooms = new WeakMap<Knex, Room>();

function roomOf(db: Knex): Room {
	const known = rooms.get(db);
	if (known) return known;
	const room: Room = {
		shelves: new LRUCache({ maxSize: MOST_PRODUCTS, sizeCalculation: ({ byId }) => 1 + byId.size }),
		coming: new Map()
	};
	rooms.set(db, room);
	return room;
}

/** Prepares products, with how they did wherever they were fitted and what was found of them on vehicles. */
export async function prepared(db: Knex, products: readonly Product[]): Promise<ProductCase[]> {
	const ids = products.map(({ id }) => id);
	const complaints = await complaintsAbout(db, ids);
	const fitted = await fittedLampsOf(db, ids);
	const tracks = trackRecords(
		fitted.map(({ product }) => product),
		complaints
	);
	const field = fieldFacts({
		readings: (await recordsAbout(db, 'readings', ids)) as Reading[],
		followUps: await followUpsAbout(db, ids),
		proofs: await proofsAbout(db, ids),
		complaints
	});
	return products.map((product) =>
		productCase(product, { track: tracks.get(product.id), field: field.get(product.id) })
	);
}

function shelfOf(mark: number, byId: ReadonlyMap<string, ProductCase>): Shelf {
	const all = [...byId.values()];
	return {
		mark,
		byId,
		offered: all.filter(({ record }) => !record.withdrawn),
		hasFieldFacts: all.some(({ field }) => field.length > 0)
	};
}

/** A shelf as it is now: what has changed since it was read is read again, and all of it when something was taken from it. */
async function readShelf(
	db: Knex,
	category: string,
	{ known, mark }: { known: Shelf | undefined; mark: number }
): Promise<Shelf> {
	if (known) {
		const byId = new Map(known.byId);
		for (const item of await prepared(db, await productsFor(db, category, known.mark))) byId.set(item.record.id, item);
		if (byId.size === (await countFor(db, category))) return shelfOf(mark, byId);
	}
	const all = await prepared(db, await productsFor(db, category));
	return shelfOf(mark, new Map(all.map((item) => [item.record.id as string, item])));
}

/** The shelf of a lamp category at its mark; read once, however many ask at the same time. */
export async function shelfAt(db: Knex, category: string, mark: number): Promise<Shelf> {
	const { shelves, coming } = roomOf(db);
	const known = shelves.get(category);
	if (known?.mark === mark) return known;
	const key = `${category} ${mark}`;
	const reading =
		coming.get(key) ??
		readShelf(db, category, { known, mark }).then((shelf) => {
			shelves.set(category, shelf);
			return shelf;
		});
	coming.set(key, reading);
	try {
		return await reading;
	} finally {
		coming.delete(key);
	}
}
