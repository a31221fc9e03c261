import type { Knex } from 'knex';
import type { Accessory, Configuration, Product, Unit } from '../../../core/model';
import { branchOf, countsEveryShelf, seenFrom, WHOLE_CHAIN } from '../../db/branch';
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
import { packsKeptAt, putBranchPacks, renameBranchPacks } from '../../repositories/branch-packs';
import {
	findAccessory,
	findProduct,
	putAccessories,
	putProducts,
	touchAccessories,
	touchProducts
} from '../../repositories/products';
import { putUnits, unitsById, usersOfUnit } from '../../repositories/units';
import { parted, renamedPacks, shelfOf, type BranchShelf } from './branch-shelf';
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
	/**
	 * Works out what is to be written. Units that come along are known by then; in the middle of a change also what is kept, since nobody
	 * takes it away meanwhile.
	 */
	prepare: (db: Knex, record: T, known: { before: T | null; coming: ReadonlyMap<string, Unit> }) => Promise<Prepared>;
	write: (tx: Tx, prepared: readonly Prepared[]) => Promise<void>;
	/** Of things that lie on shelves: marks some whose shelves at a branch were changed. */
	touch?: (tx: Tx, ids: readonly string[]) => Promise<void>;
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
const catalogueStore = <T extends Product | Accessory>(
	kind: string,
	own: Pick<Store<T>, 'find' | 'touch'> & { put: (tx: Tx, items: readonly T[]) => Promise<void> }
): Store<T> =>
	store<T, T>({
		name: (id) => `${kind}:${id}`,
		find: own.find,
		kept: asItIs,
		prepare: itself,
		write: own.put,
		touch: own.touch
	});

/** Products, stored as a part of the catalogue. */
export const PRODUCTS = catalogueStore<Product>('product', {
	find: findProduct,
	put: putProducts,
	touch: touchProducts
});
/** Accessories, stored as a part of the catalogue. */
export const ACCESSORIES = catalogueStore<Accessory>('accessory', {
	find: findAccessory,
	put: putAccessories,
	touch: touchAccessories
});

/** Names under which the events of a record stand: its own, and that of its shelf at the branch from which the database is seen. */
export function eventNames<T extends object>(db: Knex, { name, touch }: Store<T>, id: string): string[] {
	const branch = touch ? branchOf(db) : null;
	return branch === null ? [name(id)] : [name(id), `${name(id)}@${branch}`];
}

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
	/** What is written of the record itself; null where it stays. */
	record: { rows: unknown; event: NewEvent } | null;
	/** What is written of its shelf at a branch; null where that stays. */
	shelf: { branch: string; rows: BranchShelf; event: NewEvent } | null;
	write: Write<T>;
}

/** What a write is prepared with: the event it stands on, units that come along, and whether it is prepared in the middle of a change. */
interface Standing {
	base: number;
	coming?: ReadonlyMap<string, Unit>;
	isChanging?: boolean;
}

async function preparedRecord<T extends object & { id: string }>(
	db: Knex,
	store: Store<T>,
	{ write, coming = new Map(), isChanging = false }: { write: Write<T> } & Omit<Standing, 'base'>
): Promise<PreparedWrite<T>['record']> {
	const { before, after, event, actor } = write;
	const patches = patchesOf(store, write);
	if (!patches) return null;
	const { kind, of = null, what } = event;
	return {
		rows: await store.prepare(db, after, { before: isChanging ? before : null, coming }),
		event: { record: store.name(after.id), at: actor.now, by: actor.by, kind, of, what, ...patches }
	};
}

/** A write at a branch, parted into what is the same for all and what lies on its own shelves. */
async function preparedAtBranch<T extends object & { id: string }>(
	db: Knex,
	store: Store<T>,
	{ write, branch }: { write: Write<T>; branch: string }
): Promise<Pick<PreparedWrite<T>, 'record' | 'shelf'>> {
	if (branch === WHOLE_CHAIN) throw new Error('Nothing is written to all branches at once.');
	const { before, after, event, actor } = write;
	const first = (await store.find(seenFrom(db, null), after.id)) as (T & Product) | null;
	const seen = before as (T & Product) | null;
	const kept = await packsKeptAt(db, branch, seen?.packs.map(({ sku }) => sku) ?? []);
	const { forAll, shelf } = parted(after as T & Product, { first, seen, kept });
	const record = await preparedRecord(db, store, { write: { ...write, before: first, after: forAll } });
	const patches = patchesBetween(seen ? shelfOf(seen, { first, seen, kept }) : { id: after.id, packs: [] }, shelf);
	const { of: _of, ...meta } = event;
	return {
		record,
		shelf:
			patches.forward.length === 0
				? null
				: {
						branch,
						rows: shelf,
						event: {
							record: `${store.name(after.id)}@${branch}`,
							at: actor.now,
							by: actor.by,
							...meta,
							of: null,
							...patches
						}
					}
	};
}

/** Works a write out before anybody is kept from writing; null when it changes nothing. */
export async function prepareWrite<T extends object & { id: string }>(
	db: Knex,
	store: Store<T>,
	{ write, base, ...standing }: { write: Write<T> } & Standing
): Promise<PreparedWrite<T> | null> {
	if (countsEveryShelf(db)) throw new Error('Nothing is written to all branches at once.');
	const branch = store.touch ? branchOf(db) : null;
	const { record, shelf } =
		branch === null
			? { record: await preparedRecord(db, store, { write, ...standing }), shelf: null }
			: await preparedAtBranch(db, store, { write, branch });
	return record || shelf ? { id: write.after.id, base, record, shelf, write } : null;
}

/** Writes what is prepared, every record with the event that led to it; gives the number of the last one. */
export async function writePrepared<T extends object>(
	tx: Tx,
	store: Store<T>,
	prepared: readonly PreparedWrite<T>[]
): Promise<number | null> {
	const records = prepared.flatMap(({ record }) => record ?? []);
	const shelves = prepared.flatMap(({ shelf }) => shelf ?? []);
	if (records.length > 0)
		await store.write(
			tx,
			records.map(({ rows }) => rows)
		);
	if (store.touch)
		await renameBranchPacks(
			tx,
			prepared.flatMap(({ write }) => renamedPacks(write.before as Product | null, write.after as T & Product))
		);
	for (const { branch, rows } of shelves) await putBranchPacks(tx, branch, rows.packs);
	if (shelves.length > 0)
		await store.touch?.(
			tx,
			shelves.map(({ rows }) => rows.id)
		);
	return addEvents(
		tx,
		[...records, ...shelves].map(({ event }) => event)
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
	const prepared = await prepareWrite(tx, store, { write, base: 0, isChanging: true });
	const written = prepared && (await writePrepared(tx, store, [prepared]));
	return written ?? lastEvent(tx, ...eventNames(tx, store, write.after.id));
}
