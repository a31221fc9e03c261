import type { Knex } from 'knex';
import { type Accessory, type Complaint, type Evidence, type Product } from '../../core/model';
import { readAccessory, readProduct } from '../../core/exchange';
import { err, ok, type Problem, type Result } from '../../core/result';
import { claim } from '../../core/vehicle';
import { findAccessory, findProduct, listAccessories, listProducts } from '../repositories/products';
import { listRecords } from '../repositories/records';
import { ACCESSORIES, PRODUCTS, writeRecord, type Actor, type Store } from './record/store';

/** Pack numbers that two things of the stock claim, in sentences. */
export async function skuClashes(db: Knex): Promise<string[]> {
	const first = new Map<string, string>();
	return [...(await listProducts(db)), ...(await listAccessories(db))].flatMap(({ id, packs }) =>
		packs.flatMap(({ sku }) => {
			const earlier = first.get(sku);
			first.set(sku, earlier ?? id);
			return earlier !== undefined && earlier !== id ? [`The SKU “${sku}” belongs to ${earlier} and to ${id}.`] : [];
		})
	);
}

/** What came of writing a thing of the stock: its id, or what is wrong field by field. */
export type Written = Result<string, Problem[]>;

/** A pack number that two things claim; thrown to undo what was written. */
class Clash extends Error {}

async function write<T extends Product | Accessory>(
	db: Knex,
	store: Store<T>,
	{ read, what, isNew, actor }: { read: Result<T, Problem[]>; what: string; isNew: boolean; actor: Actor }
): Promise<Written> {
	if (!read.ok) return err(read.error);
	const item = read.value;
	const trouble = await db
		.transaction(async (tx): Promise<Problem | null> => {
			const before = await store.find(tx, item.id);
			if (isNew && before) return { path: 'id', message: `“${item.id}” is already in stock` };
			const event = { kind: before ? ('change' as const) : ('created' as const), what };
			await writeRecord(tx, store, { before, after: item, event, actor });
			const [clash] = await skuClashes(tx);
			if (clash) throw new Clash(clash);
			return null;
		})
		.catch((error: unknown) => {
			if (error instanceof Clash) return { path: 'packs', message: error.message };
			throw error;
		});
	return trouble ? err([trouble]) : ok(item.id);
}

const writtenWords = (isNew: boolean) => (isNew ? 'Added to the stock' : 'Edited by hand');

/** Writes a product as it was edited; nothing when something is wrong with it. */
export function saveProduct(
	db: Knex,
	{ input, isNew }: { input: unknown; isNew: boolean },
	actor: Actor
): Promise<Written> {
	return write(db, PRODUCTS, { read: readProduct(input), what: writtenWords(isNew), isNew, actor });
}

/** Writes an accessory as it was edited; nothing when something is wrong with it. */
export function saveAccessory(
	db: Knex,
	{ input, isNew }: { input: unknown; isNew: boolean },
	actor: Actor
): Promise<Written> {
	return write(db, ACCESSORIES, { read: readAccessory(input), what: writtenWords(isNew), isNew, actor });
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

/** Complaints about a product, the open ones first. */
export async function complaintsAbout(db: Knex, product: string): Promise<Complaint[]> {
	const all: Complaint[] = await listRecords(db, 'complaints');
	return all
		.filter((complaint) => complaint.product === product)
		.sort((a, b) => Number(Boolean(a.settled)) - Number(Boolean(b.settled)));
}

/** A product or an accessory by its id; null when neither is there. */
export async function findStock(db: Knex, id: string): Promise<Product | Accessory | null> {
	return (await findProduct(db, id)) ?? (await findAccessory(db, id));
}
