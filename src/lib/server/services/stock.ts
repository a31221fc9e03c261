import type { Knex } from 'knex';
import { type Accessory, type Evidence, type Product } from '../../core/model';
import { readAccessory, readProduct } from '../../core/exchange';
import { err, ok, type Problem, type Result } from '../../core/result';
import { claim } from '../../core/vehicle';
import { change } from '../db/change';
import { eventsAfter, lastEvent } from '../repositories/events';
import { skuClashes } from '../repositories/packs';
import { findAccessory, findProduct } from '../repositories/products';
import { ACCESSORIES, eventNames, PRODUCTS, writeRecord, type Actor, type Store } from './record/store';

/** Where a problem stands that is somebody else's change. */
export const CONFLICT = 'conflict';

/** What came of writing a thing of the stock: its id, or what is wrong field by field. */
export type Written = Result<string, Problem[]>;

/** A thing of the stock as it was edited, and the event its editor saw last. */
export interface Edited {
	input: unknown;
	isNew: boolean;
	base?: number | undefined;
}

/** Why an edited thing may not be written over what is there; null when it may. */
async function inTheWay<T extends { id: string }>(
	tx: Knex,
	store: Store<T>,
	{ before, id, isNew, base }: { before: T | null; id: string; isNew: boolean; base: number | undefined }
): Promise<Problem | null> {
	if (isNew) return before ? { path: 'id', message: `“${id}” is already in stock` } : null;
	const names = eventNames(tx, store, id);
	if (base === undefined || (await lastEvent(tx, ...names)) === base) return null;
	const since = await eventsAfter(tx, names, base);
	const said = since.map(({ by, what, forward }) => `${by ?? 'somebody'}: ${what}${patchWords(forward)}`).join('; ');
	return {
		path: CONFLICT,
		message: `Changed meanwhile, so yours was not written (${said}). Yours is still in the form: save again to write it over theirs`
	};
}

/** Most changes of an event that are named. */
const NAMED = 6;

/** What a patch did, in a few words. @example " (packs 0 price: 1990)" */
function patchWords(forward: readonly unknown[]): string {
	const words = (forward as { path: string; value?: unknown }[]).map(({ path, value }) =>
		`${path.slice(1).replaceAll('/', ' ')}: ${value === undefined ? 'taken out' : JSON.stringify(value)}`.slice(0, 80)
	);
	return words.length === 0 ? '' : ` (${words.slice(0, NAMED).join(', ')})`;
}

async function write<T extends Product | Accessory>(
	db: Knex,
	store: Store<T>,
	{ read, what, isNew, base, actor }: { read: Result<T, Problem[]>; what: string; actor: Actor } & Omit<Edited, 'input'>
): Promise<Written> {
	if (!read.ok) return err(read.error);
	const item = read.value;
	return change<string, Problem[]>(db, async (tx) => {
		const before = await store.find(tx, item.id);
		const trouble = await inTheWay(tx, store, { before, id: item.id, isNew, base });
		if (trouble) return err([trouble]);
		const event = { kind: before ? ('change' as const) : ('created' as const), what };
		const [clash] = await skuClashes(tx, [item]);
		if (clash) return err([{ path: 'packs', message: clash }]);
		await writeRecord(tx, store, { before, after: item, event, actor });
		return ok(item.id);
	});
}

const writtenWords = (isNew: boolean) => (isNew ? 'Added to the stock' : 'Edited by hand');

/** Writes a product as it was edited; nothing when something is wrong with it. */
export function saveProduct(db: Knex, { input, isNew, base }: Edited, actor: Actor): Promise<Written> {
	return write(db, PRODUCTS, { read: readProduct(input), what: writtenWords(isNew), isNew, base, actor });
}

/** Writes an accessory as it was edited; nothing when something is wrong with it. */
export function saveAccessory(db: Knex, { input, isNew, base }: Edited, actor: Actor): Promise<Written> {
	return write(db, ACCESSORIES, { read: readAccessory(input), what: writtenWords(isNew), isNew, base, actor });
}

/** Takes evidence for a fact of a product in; the strongest, newest source gives the value in force. */
export async function addProductEvidence(
	db: Knex,
	{ id, item }: { id: string; item: Evidence },
	actor: Actor
): Promise<Written> {
	const product = await findProduct(db, id);
	if (!product) return err([{ path: 'id', message: `there is no product “${id}”` }]);
	const what = `${item.fact}: ${JSON.stringify(item.value)}, ${item.source}`;
	return write(db, PRODUCTS, { read: readProduct(claim('product', product, item)), what, isNew: false, actor });
}

/** A product or an accessory by its id; null when neither is there. */
export async function findStock(db: Knex, id: string): Promise<Product | Accessory | null> {
	return (await findProduct(db, id)) ?? (await findAccessory(db, id));
}
