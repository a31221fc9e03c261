import type { Knex } from 'knex';
import type { Accessory, Configuration, Product, Unit } from '../../../core/model';
import type { Tx } from '../../db/change';
import { lastEvents } from '../../repositories/events';
import {
	ACCESSORIES,
	CONFIGURATIONS,
	prepareWrite,
	PRODUCTS,
	UNITS,
	writePrepared,
	type Actor,
	type PreparedWrite,
	type Store
} from './store';

/** Records that come from a file. */
export interface Incoming {
	units: readonly Unit[];
	configurations: readonly Configuration[];
	products: readonly Product[];
	accessories: readonly Accessory[];
}

/** Records of one kind, worked out and ready to be written. */
interface Ready<T extends object> {
	store: Store<T>;
	writes: PreparedWrite<T>[];
	/** The event each record stood at as it was worked out, by its name; one that is not there yet stands at 0. */
	bases: Map<string, number>;
	again: (db: Knex, record: T) => Promise<PreparedWrite<T> | null>;
}

/** Everything of a file, worked out; writing it is quick. */
export type ReadyToTakeIn = readonly Ready<never>[];

/** Works one record out, over what is there; null when it is so already. */
async function workOut<T extends object & { id: string }>(
	db: Knex,
	store: Store<T>,
	{ record, base, coming, actor }: { record: T; base: number; coming: ReadonlyMap<string, Unit>; actor: Actor }
): Promise<PreparedWrite<T> | null> {
	const before = base > 0 ? await store.find(db, record.id) : null;
	if (before && JSON.stringify(before) === JSON.stringify(record)) return null;
	const event = before
		? { kind: 'change' as const, what: 'Taken in from a file, in place of what was there' }
		: { kind: 'created' as const, what: 'Taken in from a file' };
	return prepareWrite(db, store, { write: { before, after: record, event, actor }, base, coming });
}

/** Works everything of a file out, with nobody kept from writing meanwhile. */
export async function readyToTakeIn(
	db: Knex,
	incoming: Incoming,
	{ actor, progress = () => undefined }: { actor: Actor; progress?: (done: number) => void }
): Promise<ReadyToTakeIn> {
	const coming = new Map(incoming.units.map((unit) => [unit.id as string, unit]));
	let done = 0;
	const ready = async <T extends object & { id: string }>(store: Store<T>, records: readonly T[]) => {
		const bases = await lastEvents(
			db,
			records.map(({ id }) => store.name(id))
		);
		const writes: PreparedWrite<T>[] = [];
		for (const record of records) {
			const base = bases.get(store.name(record.id)) ?? 0;
			const write = await workOut(db, store, { record, base, coming, actor });
			if (write) writes.push(write);
			progress(++done);
		}
		const again = async (tx: Knex, record: T) => {
			const name = store.name(record.id);
			const base = (await lastEvents(tx, [name])).get(name) ?? 0;
			return workOut(tx, store, { record, base, coming, actor });
		};
		return { store, writes, bases, again } as unknown as Ready<never>;
	};
	return [
		await ready(UNITS, incoming.units),
		await ready(CONFIGURATIONS, incoming.configurations),
		await ready(PRODUCTS, incoming.products),
		await ready(ACCESSORIES, incoming.accessories)
	];
}

/** Writes all of it. What somebody else has changed since it was worked out is worked out again on top of that. */
export async function takeIn(tx: Tx, all: ReadyToTakeIn): Promise<void> {
	for (const { store, writes, again } of all as unknown as readonly Ready<{ id: string }>[]) {
		const names = writes.map(({ id }) => store.name(id));
		const now = await lastEvents(tx, names);
		const current = await Promise.all(
			writes.map((write) =>
				(now.get(store.name(write.id)) ?? 0) === write.base ? write : again(tx, write.write.after)
			)
		);
		await writePrepared(
			tx,
			store,
			current.filter((write) => write !== null)
		);
	}
}
