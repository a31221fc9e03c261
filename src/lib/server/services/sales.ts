import type { Knex } from 'knex';
import type { FunctionId } from '../../core/lamps';
import type { Accessory, Product } from '../../core/model';
import { err, ok, type Result } from '../../core/result';
import {
	free,
	handOver,
	lose,
	order,
	pick,
	reserve,
	takeBack,
	type LostReason,
	type PackStanding,
	type ReturnReason,
	type Sale,
	type SaleLine
} from '../../core/sale';
import { branchOf, seenFrom } from '../db/branch';
import { change, changeAlways, type Tx } from '../db/change';
import { countAsked } from '../repositories/demand';
import { findRevision } from '../repositories/kit-revisions';
import { findAccessories, findProducts } from '../repositories/products';
import { findSale, forgetCustomer, promisedPacks, putCustomer, putSale } from '../repositories/sales';
import { shopDay } from '../shop-time';
import type { FrozenKit } from './kits/life';
import { ACCESSORIES, PRODUCTS, writeRecord, type Actor } from './record/store';

/** What somebody does with a sale. A new step is an entry here and its function in the core. */
export type SaleAction =
	| { kind: 'reserve'; until: string }
	| { kind: 'free' }
	| { kind: 'order' }
	| { kind: 'pick' }
	| { kind: 'hand-over' }
	| { kind: 'lose'; because: LostReason }
	| { kind: 'take-back'; reason: ReturnReason; restocked: boolean; packs: ReadonlyMap<string, number> };

const NOBODY = 'somebody';

/** The packs of a kit, each number once: two lines of it may be of one. */
function packsOf({ answer }: FrozenKit): SaleLine[] {
	const lines = new Map<string, SaleLine>();
	for (const { sku, product, accessory, name, packs, shelf } of answer.lines) {
		const known = lines.get(sku);
		const line = { sku, item: product ?? accessory ?? sku, name, packs, ...(shelf ? { shelf } : {}), returned: 0 };
		lines.set(sku, known ? { ...known, packs: known.packs + packs } : line);
	}
	return [...lines.values()];
}

/** Starts a sale of a released kit as a quote. The customer is noted only where they agreed. */
export function quoteKit(
	db: Knex,
	{ id, code, customer }: { id: string; code: string; customer?: string | undefined },
	actor: Actor
): Promise<Result<Sale, string>> {
	return change(db, async (tx) => {
		const revision = await findRevision(tx, code);
		if (!revision) return err(`There is no released kit with the code “${code}”.`);
		const kit = revision.document as FrozenKit;
		const on = shopDay(actor.now);
		const sale: Sale = {
			id,
			code,
			kit: revision.kitId,
			configuration: kit.configuration.id,
			branch: branchOf(tx),
			state: 'quoted',
			reservedUntil: null,
			lines: packsOf(kit),
			total: kit.answer.total,
			quotedOn: on,
			returns: [],
			log: [{ on, by: actor.by ?? NOBODY, what: 'quoted' }]
		};
		await putSale(tx, sale);
		if (customer) await putCustomer(tx, id, { name: customer, agreedOn: on });
		return ok(sale);
	});
}

type Item = Product | Accessory;

async function itemsOf(db: Knex, { lines }: Sale): Promise<{ products: Product[]; accessories: Accessory[] }> {
	const ids = [...new Set(lines.map(({ item }) => item))];
	return { products: await findProducts(db, ids), accessories: await findAccessories(db, ids) };
}

/** What lies on the shelf of each pack of a sale, and what others were promised of it. */
export async function standingOf(from: Knex, sale: Sale, today: string): Promise<Map<string, PackStanding>> {
	const db = seenFrom(from, sale.branch);
	const { products, accessories } = await itemsOf(db, sale);
	const stock = new Map(
		[...products, ...accessories].flatMap(({ packs }) => packs.map((pack) => [pack.sku as string, pack.stock ?? 0]))
	);
	const skus = sale.lines.map(({ sku }) => sku);
	const promised = await promisedPacks(db, skus, { today, but: sale.id });
	return new Map(skus.map((sku) => [sku, { stock: stock.get(sku) ?? 0, promised: promised.get(sku) ?? 0 }]));
}

/** Puts packs on their shelves, or takes them; every item keeps it in its history, which names the sale and nobody. */
async function moveStock(
	tx: Tx,
	sale: Sale,
	{ by, what, actor }: { by: ReadonlyMap<string, number>; what: string; actor: Actor }
): Promise<void> {
	const moved = <T extends Item>(item: T): T => ({
		...item,
		packs: item.packs.map((pack) => {
			const packs = by.get(pack.sku) ?? 0;
			return packs === 0 ? pack : { ...pack, stock: Math.max(0, (pack.stock ?? 0) + packs) };
		})
	});
	const event = { kind: 'change' as const, what };
	const { products, accessories } = await itemsOf(tx, sale);
	for (const before of products) await writeRecord(tx, PRODUCTS, { before, after: moved(before), event, actor });
	for (const before of accessories) await writeRecord(tx, ACCESSORIES, { before, after: moved(before), event, actor });
}

/** A lost sale is demand: what its kit was to serve. */
async function countLost(tx: Tx, { code, configuration }: Sale, day: string): Promise<void> {
	const revision = await findRevision(tx, code);
	const kit = revision?.document as FrozenKit | undefined;
	const wanted = new Set(kit?.answer.lines.flatMap(({ sockets }) => sockets) ?? []);
	const functions = new Set<FunctionId>(
		kit?.configuration.sockets.filter(({ id }) => wanted.has(id)).flatMap((socket) => socket.functions) ?? []
	);
	await countAsked(
		tx,
		[...functions].map((fn) => ({ source: 'lost', configuration, function: fn, day, answered: false }))
	);
}

async function stepped(
	tx: Tx,
	sale: Sale,
	{ action, actor }: { action: SaleAction; actor: Actor }
): Promise<Result<Sale, string>> {
	const step = { on: shopDay(actor.now), by: actor.by ?? NOBODY };
	switch (action.kind) {
		case 'reserve':
			return reserve(sale, { until: action.until, standing: await standingOf(tx, sale, step.on) }, step);
		case 'free':
			return free(sale, step);
		case 'order':
			return order(sale, step);
		case 'pick': {
			const picked = pick(sale, await standingOf(tx, sale, step.on), step);
			if (picked.ok) {
				const by = new Map(sale.lines.map(({ sku, packs }) => [sku, -packs]));
				await moveStock(tx, sale, { by, what: `Picked for ${sale.id}`, actor });
			}
			return picked;
		}
		case 'hand-over':
			return handOver(sale, step);
		case 'lose': {
			const lost = lose(sale, action.because, step);
			if (lost.ok) await countLost(tx, sale, step.on);
			return lost;
		}
		case 'take-back': {
			const back = takeBack(sale, action, step);
			if (back.ok && action.restocked)
				await moveStock(tx, sale, { by: action.packs, what: `Came back from ${sale.id}`, actor });
			return back;
		}
		default:
			return action satisfies never;
	}
}

/** Does a step of a sale: all of it, shelves included, or nothing. */
export function stepSale(
	db: Knex,
	{ id, action }: { id: string; action: SaleAction },
	actor: Actor
): Promise<Result<Sale, string>> {
	return change(db, async (tx) => {
		const sale = await findSale(tx, id);
		if (!sale) return err(`There is no sale “${id}”.`);
		const after = await stepped(seenFrom(tx, sale.branch), sale, { action, actor });
		if (after.ok) await putSale(tx, after.value);
		return after;
	});
}

/** Forgets who a sale was for. The sale itself stays: it holds nobody's name. */
export const forgetWho = (db: Knex, id: string): Promise<void> => changeAlways(db, (tx) => forgetCustomer(tx, id));
