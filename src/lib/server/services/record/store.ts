import type { Knex } from 'knex';
import type { Accessory, Configuration, Product, Unit } from '../../../core/model';
import type { Tx } from '../../db/change';
import {
	asKept,
	composed,
	configurationRows,
	findStored,
	indexQuestions,
	putConfigurations
} from '../../repositories/configurations';
import { addEvents, lastEvent, type NewEvent } from '../../repositories/events';
import { findAccessory, findProduct, putAccessories, putProducts } from '../../repositories/products';
import { putUnits, unitsById, usersOfUnit } from '../../repositories/units';
import { patchesBetween } from './patches';

/** Who works on a record, and when. */
export interface Actor {
	by: string | null;
	/** Time stamp, ISO. */
	now: string;
}

/** A kind of record: what its history is called, how one is found, and how many are written at once. */
export interface Store<T extends object, Prepared = unknown> {
	name: (id: string) => string;
	find: (db: Knex, id: string) => Promise<T | null>;
	/** The record as it will be found again. */
	kept: (record: T) => T;
	/** Works out what is to be written, before anybody is kept from writing; units that come along are known by then. */
	prepare: (db: Knex, record: T, coming: ReadonlyMap<string, Unit>) => Promise<Prepared>;
	write: (tx: Tx, prepared: readonly Prepared[]) => Promise<void>;
}

const asItIs = <T>(record: T): T => record;
const itself = <T>(_db: Knex, record: T): Promise<T> => Promise.resolve(record);
/** A store of any kind of prepared rows, for lists of stores. */
const store = <T extends object, Prepared>(own: Store<T, Prepared>): Store<T> => own as unknown as Store<T>;

/** Vehicle configurations, without what shared units keep for them. */
export const CONFIGURATIONS: Store<Configuration> = store({
	name: (id) => `configuration:${id}`,
	find: findStored,
	kept: asKept,
	prepare: configurationRows,
	write: putConfigurations
});

/** Shared lamp units; the questions of every vehicle that has one are looked at again. */
export const UNITS: Store<Unit> = store<Unit, Unit>({
	name: (id) => `unit:${id}`,
	find: async (db, id) => (await unitsById(db, [id])).get(id) ?? null,
	kept: asItIs,
	prepare: itself,
	write: async (tx, units) => {
		await putUnits(tx, units);
		const users = await Promise.all(units.map((unit) => usersOfUnit(tx, unit.id)));
		for (const id of new Set(users.flat())) {
			const stored = await findStored(tx, id);
			if (stored) await indexQuestions(tx, await composed(tx, stored));
		}
	}
});

/** A store of the catalogue: whatever changes there, what was judged with it is judged anew. */
const catalogueStore = <T extends { id: string }>(
	kind: string,
	find: Store<T>['find'],
	put: (tx: Tx, items: readonly T[]) => Promise<void>
): Store<T> =>
	store<T, T>({
		name: (id) => `${kind}:${id}`,
		find,
		kept: asItIs,
		prepare: itself,
		write: put
	});

/** Products, stored as a part of the catalogue. */
export const PRODUCTS = catalogueStore<Product>('product', findProduct, putProducts);
/** Accessories, stored as a part of the catalogue. */
export const ACCESSORIES = catalogueStore<Accessory>('accessory', findAccessory, putAccessories);

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

/** The JSON patches of a write; null when it changes nothing. */
function patchesOf<T extends object>(store: Store<T>, { before, after }: Pick<Write<T>, 'before' | 'after'>) {
	if (!before) return { forward: [], backward: [] };
	const patches = patchesBetween(before, store.kept(after));
	return patches.forward.length > 0 ? patches : null;
}

/** A write that is worked out, and the event of its record that it was worked out on. */
export interface PreparedWrite<T> {
	id: string;
	base: number;
	rows: unknown;
	event: NewEvent;
	write: Write<T>;
}

/** Works a write out before anybody is kept from writing; null when it changes nothing. */
export async function prepareWrite<T extends object & { id: string }>(
	db: Knex,
	store: Store<T>,
	{ write, base, coming = new Map() }: { write: Write<T>; base: number; coming?: ReadonlyMap<string, Unit> }
): Promise<PreparedWrite<T> | null> {
	const { after, event, actor } = write;
	const patches = patchesOf(store, write);
	if (!patches) return null;
	const { kind, of = null, what } = event;
	const rows = await store.prepare(db, after, coming);
	const record = store.name(after.id);
	return {
		id: after.id,
		base,
		rows,
		event: { record, at: actor.now, by: actor.by, kind, of, what, ...patches },
		write
	};
}

/** Writes what is prepared, every record with the event that led to it. */
export async function writePrepared<T extends object>(
	tx: Tx,
	store: Store<T>,
	prepared: readonly PreparedWrite<T>[]
): Promise<void> {
	if (prepared.length === 0) return;
	await store.write(
		tx,
		prepared.map(({ rows }) => rows)
	);
	await addEvents(
		tx,
		prepared.map(({ event }) => event)
	);
}

/**
 * Writes a state of a record together with the event that led to it. Every change of every record goes through here or through a prepared
 * write. Gives the number of the record's last event; a change of nothing adds none.
 */
export async function writeRecord<T extends object & { id: string }>(
	tx: Tx,
	store: Store<T>,
	write: Write<T>
): Promise<number> {
	const name = store.name(write.after.id);
	const prepared = await prepareWrite(tx, store, { write, base: 0 });
	if (prepared) await writePrepared(tx, store, [prepared]);
	return lastEvent(tx, name);
}
