import type { Knex } from 'knex';
import type { Accessory, Pack, Product } from '../../core/model';
import { amount, counted, type Currency } from '../../core/quantity';
import { shopMoment } from '../shop-time';
import { err, ok } from '../../core/result';
import { seenFrom } from '../db/branch';
import { change, changeAlways } from '../db/change';
import { lastEvents } from '../repositories/events';
import { itemsOfSkus } from '../repositories/packs';
import { findAccessories, findProducts, listAccessories, listProducts } from '../repositories/products';
import { readSetting, writeSetting } from '../repositories/settings';
import { quote, supplierOf, type FeedPack, type Quote, type Quotes, type Supplier } from '../stand-ins/supplier';
import { readCurrency } from './policy';
import {
	ACCESSORIES,
	prepareWrite,
	PRODUCTS,
	writePrepared,
	type Actor,
	type PreparedWrite,
	type Store
} from './record/store';

/** Where the prices and the stock of the shop come from, and how they stand. */
export interface SupplierState {
	name: string;
	simulated: boolean;
	/** When the supplier last quoted something that made sense, and when it was last asked, ISO. */
	lastGood: string | null;
	lastAsked: string | null;
	/** What went wrong the last time; the last good values are kept. */
	trouble: string | null;
	/** How much the last good answer changed, and the first of it in words. */
	changes: number;
	changed: string[];
	/** Rows of it that were left out, and why. */
	ignored: string[];
}

const SETTING = 'supplier';
const FIRST = 'supplier-first';
const NEVER = { lastGood: null, lastAsked: null, trouble: null, changes: 0, changed: [], ignored: [] };
const MAX_WORDS = 200;

async function packsOf(db: Knex): Promise<FeedPack[]> {
	const items = [...(await listProducts(db)), ...(await listAccessories(db))].filter((i) => !i.withdrawn);
	return items.flatMap(({ packs }) => packs.map(({ sku, price, stock }) => ({ sku, price, stock: stock ?? 10 })));
}

/** Packs as they were when the supplier was first asked: the simulated one moves around these. */
async function firstPacks(db: Knex): Promise<FeedPack[]> {
	const known = ((await readSetting(db, FIRST)) as FeedPack[] | undefined) ?? [];
	const have = new Set(known.map((p) => p.sku));
	const fresh = (await packsOf(db)).filter((p) => !have.has(p.sku));
	const all = [...known, ...fresh];
	if (fresh.length > 0) await changeAlways(db, (tx) => writeSetting(tx, FIRST, all));
	return all;
}

/** The supplier of this shop. */
export async function shopSupplier(db: Knex, now: () => Date): Promise<Supplier> {
	return supplierOf(() => firstPacks(seenFrom(db, null)), await readCurrency(db), { now });
}

/** How prices and stock stand, without asking anybody. */
export async function supplierState(db: Knex, { name, simulated }: Supplier): Promise<SupplierState> {
	const kept = (await readSetting(db, SETTING)) as Omit<SupplierState, 'name' | 'simulated'> | undefined;
	return { ...NEVER, ...kept, name, simulated };
}

/** Quotes that can be believed, by pack, and why others cannot. */
function sound(
	rows: readonly unknown[],
	before: ReadonlyMap<string, Pack>,
	currency: Currency
): { good: Map<string, Quote>; ignored: string[] } {
	const good = new Map<string, Quote>();
	const ignored: string[] = [];
	rows.forEach((row, i) => {
		const read = quote.safeParse(row);
		if (!read.success) {
			ignored.push(
				`row ${i + 1}: ${read.error.issues[0]?.path.join('.') ?? ''} ${read.error.issues[0]?.message ?? ''}`.trim()
			);
			return;
		}
		const { sku, price } = read.data;
		const known = before.get(sku);
		if (!known) ignored.push(`${sku}: not in the stock of this shop`);
		else if (price > 5 * known.price || 5 * price < known.price)
			ignored.push(
				`${sku}: ${amount(price, currency)} is more than five times off ${amount(known.price, currency)}; look at it by hand`
			);
		else good.set(sku, read.data);
	});
	return { good, ignored };
}

function quoted<T extends Product | Accessory>(
	item: T,
	quotes: ReadonlyMap<string, Quote>,
	{ at, currency }: { at: string; currency: Currency }
): { item: T; words: string[] } {
	const words: string[] = [];
	const packs = item.packs.map((pack) => {
		const now = quotes.get(pack.sku);
		if (!now) return pack;
		if (now.price !== pack.price)
			words.push(`${pack.sku}: price ${amount(pack.price, currency)} to ${amount(now.price, currency)}`);
		if (now.stock !== pack.stock) words.push(`${pack.sku}: stock ${pack.stock ?? 'not counted'} to ${now.stock}`);
		const { price, stock, cost } = now;
		return { ...pack, price, stock, asOf: at, ...(cost === undefined ? {} : { cost }) } as Pack;
	});
	return { item: { ...item, packs }, words };
}

/** How often quotes are worked out again when somebody else was at the same things. */
const TRIES = 5;

interface Writes {
	store: Store<Product | Accessory>;
	prepared: PreparedWrite<Product | Accessory>[];
}

/** What the quotes of an answer change, worked out and not written. */
async function quotedWrites(
	db: Knex,
	{ supplier, answer, actor, currency }: { supplier: Supplier; answer: Quotes; actor: Actor; currency: Currency }
): Promise<{ writes: Writes[]; words: string[]; ignored: string[] }> {
	const { at, quotes } = answer;
	const ids = await itemsOfSkus(
		db,
		quotes.map((row) => String((row as { sku?: unknown } | null)?.sku ?? ''))
	);
	const all = [
		{ store: PRODUCTS as unknown as Writes['store'], items: await findProducts(db, ids) },
		{ store: ACCESSORIES as unknown as Writes['store'], items: await findAccessories(db, ids) }
	];
	const packs = new Map(
		all.flatMap(({ items }) => items.flatMap((i) => i.packs.map((p) => [p.sku as string, p] as const)))
	);
	const { good, ignored } = sound(quotes, packs, currency);
	const words: string[] = [];
	const writes: Writes[] = [];
	for (const { store, items } of all) {
		const bases = await lastEvents(
			db,
			items.map(({ id }) => store.name(id))
		);
		const prepared: Writes['prepared'] = [];
		for (const one of items) {
			const { item, words: own } = quoted(one, good, { at, currency });
			if (own.length === 0) continue;
			words.push(...own);
			const event = { kind: 'change' as const, what: `Quoted by ${supplier.name}: ${own.join(', ')}` };
			const base = bases.get(store.name(one.id)) ?? 0;
			const write = await prepareWrite(db, store, { write: { before: one, after: item, event, actor }, base });
			if (write) prepared.push(write);
		}
		writes.push({ store, prepared });
	}
	return { writes, words, ignored };
}

/** True when somebody has changed one of the things since the writes were worked out. */
async function haveMoved(db: Knex, store: Writes['store'], prepared: Writes['prepared']): Promise<boolean> {
	const now = await lastEvents(
		db,
		prepared.map(({ id }) => store.name(id))
	);
	return prepared.some(({ id, base }) => (now.get(store.name(id)) ?? 0) !== base);
}

/**
 * Asks the supplier and takes its prices and stock in, for the first branch of a chain, each change in the history of its item. When the supplier is down or sends
 * nonsense the last good values stay, with their date, and the state says so.
 */
export async function askSupplier(from: Knex, supplier: Supplier, actor: Actor): Promise<SupplierState> {
	const db = seenFrom(from, null);
	const before = await supplierState(db, supplier);
	const keep = async (state: Partial<SupplierState>) => {
		const { name: _name, simulated: _simulated, ...kept } = { ...before, ...state, lastAsked: actor.now };
		await changeAlways(db, (tx) => writeSetting(tx, SETTING, kept));
		return { ...before, ...kept };
	};
	let answer;
	try {
		answer = await supplier.ask();
	} catch (error) {
		const why = error instanceof Error ? error.message : String(error);
		return keep({ trouble: `${supplier.name}: ${why}. The last good values are kept.` });
	}
	const currency = await readCurrency(db);
	if (answer.currency !== currency)
		return keep({
			trouble: `${supplier.name} quotes in ${answer.currency}, the shop sells in ${currency}. Nothing was taken.`
		});
	const { at } = answer;
	for (let n = 0; n < TRIES; n++) {
		// Worked out before anybody is kept from writing; worked out again when somebody was at one of these things meanwhile.
		const { writes, words, ignored } = await quotedWrites(db, { supplier, answer, actor, currency });
		const taken = await change<SupplierState, 'moved'>(db, async (tx) => {
			const stands = await supplierState(tx, supplier);
			// Two people asked at once: what was quoted first and comes last is older than what is there.
			if (stands.lastGood !== null && stands.lastGood > at) return ok(stands);
			for (const { store, prepared } of writes) {
				if (await haveMoved(tx, store, prepared)) return err('moved');
				await writePrepared(tx, store, prepared);
			}
			const kept = {
				lastGood: at,
				lastAsked: actor.now,
				trouble: null,
				changes: words.length,
				changed: words.slice(0, MAX_WORDS),
				ignored: ignored.slice(0, MAX_WORDS)
			};
			await writeSetting(tx, SETTING, kept);
			return ok({ ...before, ...kept });
		});
		if (taken.ok) return taken.value;
	}
	return keep({ trouble: 'Others keep changing the stock. The last good values are kept; ask again in a moment.' });
}

/** What an answer of the supplier came to, in one sentence. */
export function supplierMessage({ trouble, changes, ignored, lastGood }: SupplierState): string {
	if (trouble) return trouble;
	if (lastGood === null) return 'Nobody has asked the supplier yet.';
	return `${counted(changes, 'change')} of price or stock taken in, ${counted(ignored.length, 'row')} left out.`;
}

/** By whom and when prices and stock were last quoted, in words; null when nobody has quoted yet. */
export async function lastQuoted(db: Knex): Promise<string | null> {
	const { name, lastGood } = await supplierState(db, await shopSupplier(db, () => new Date()));
	return lastGood === null ? null : `by ${name} on ${shopMoment(lastGood)}`;
}
