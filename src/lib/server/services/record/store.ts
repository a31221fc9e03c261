import type { Knex } from 'knex';
import type { Accessory, Configuration, Product, Unit } from '../../../core/model';
import { composed, findStored, indexQuestions, putConfiguration } from '../../repositories/configurations';
import { addEvent, lastEvent } from '../../repositories/events';
import { findAccessory, findProduct, putAccessory, putProduct } from '../../repositories/products';
import { bumpCatalogueVersion, bumpDataVersion } from '../../repositories/settings';
import { putUnit, unitsById, usersOfUnit } from '../../repositories/units';
import { patchesBetween } from './patches';

/** Who works on a record, and when. */
export interface Actor {
	by: string | null;
	/** Time stamp, ISO. */
	now: string;
}

/** A kind of record: what its history is called, and how one is found and written. */
export interface Store<T extends object> {
	name: (id: string) => string;
	find: (db: Knex, id: string) => Promise<T | null>;
	put: (db: Knex, record: T) => Promise<void>;
}

/** Vehicle configurations, without what shared units keep for them. */
export const CONFIGURATIONS: Store<Configuration> = {
	name: (id) => `configuration:${id}`,
	find: findStored,
	put: putConfiguration
};

/** Shared lamp units; the questions of every vehicle that has one are looked at again. */
export const UNITS: Store<Unit> = {
	name: (id) => `unit:${id}`,
	find: async (db, id) => (await unitsById(db, [id])).get(id) ?? null,
	put: async (db, unit) => {
		await putUnit(db, unit);
		for (const id of await usersOfUnit(db, unit.id)) {
			const stored = await findStored(db, id);
			if (stored) await indexQuestions(db, await composed(db, stored));
		}
	}
};

/** A store of the catalogue: whatever changes there, what was judged with it is judged anew. */
const catalogueStore = <T extends { id: string }>(
	kind: string,
	find: Store<T>['find'],
	put: (db: Parameters<Store<T>['put']>[0], item: T) => Promise<void>
): Store<T> => ({
	name: (id) => `${kind}:${id}`,
	find,
	put: async (db, item) => {
		await put(db, item);
		await bumpCatalogueVersion(db);
	}
});

/** Products, stored as a part of the catalogue. */
export const PRODUCTS = catalogueStore<Product>('product', findProduct, putProduct);
/** Accessories, stored as a part of the catalogue. */
export const ACCESSORIES = catalogueStore<Accessory>('accessory', findAccessory, putAccessory);

/** What an event says of itself. */
export interface EventMeta {
	kind: 'created' | 'change' | 'undo' | 'redo';
	of?: number;
	what: string;
}

/** A record before and after a change, what the event says of itself, and who did it. */
export interface Write<T> {
	before: T | null;
	after: T;
	event: EventMeta;
	actor: Actor;
}

/**
 * Writes a state of a record together with the event that led to it; call it inside a transaction. Every change of every
 * record goes through here. Gives the number of the record's last event; a change of nothing adds none.
 */
export async function writeRecord<T extends object & { id: string }>(
	tx: Knex,
	store: Store<T>,
	{ before, after, event: { kind, of, what }, actor: { by, now } }: Write<T>
): Promise<number> {
	await store.put(tx, after);
	const kept = (await store.find(tx, after.id)) ?? after;
	const patches = before ? patchesBetween(before, kept) : { forward: [], backward: [] };
	if (before && patches.forward.length === 0) return lastEvent(tx, store.name(after.id));
	await bumpDataVersion(tx);
	return addEvent(tx, store.name(after.id), { at: now, by, kind, of: of ?? null, what, ...patches });
}
