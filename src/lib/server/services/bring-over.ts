import type { Knex } from 'knex';
import type { KitAnswer } from '../../core/kit';
import type { Accessory, Product } from '../../core/model';
import { counted } from '../../core/quantity';
import { err, ok, type Result } from '../../core/result';
import type { SaleState } from '../../core/sale';
import { fetchFromFew, type Fetching, type PacksOf } from '../../core/views';
import { seenFrom, WHOLE_CHAIN } from '../db/branch';
import { change, type Tx } from '../db/change';
import { fingerprint } from '../fingerprint';
import { packsAtBranches } from '../repositories/branch-packs';
import { listBranches, nameOfBranch, type Branch } from '../repositories/branches';
import { findKit, type StoredKit } from '../repositories/kits';
import { findAccessories, findAccessory, findProduct, findProducts } from '../repositories/products';
import { everyPackPromised, listSales, promisedPacks } from '../repositories/sales';
import { shopDay } from '../shop-time';
import { ACCESSORIES, PRODUCTS, writeRecord, type Actor } from './record/store';

/** Packs on their way from the shelf of one branch to that of another, each as rows keep it. */
interface Move extends PacksOf {
	/** The thing they are packs of. */
	id: string;
	from: string | null;
	to: string | null;
}

/** Writes both shelves. @returns why not, in a sentence; null when it is done */
async function moved(tx: Tx, move: Move, { branches, actor }: { branches: readonly Branch[]; actor: Actor }) {
	const { id, sku, packs, from, to } = move;
	const [source, target] = [nameOfBranch(branches, from), nameOfBranch(branches, to)];
	if (source === null || target === null || from === WHOLE_CHAIN || to === WHOLE_CHAIN)
		return 'Packs go from one branch of the chain to another.';
	if (from === to) return 'They are there already.';
	if (!Number.isInteger(packs) || packs < 1) return 'Say how many packs, at least one.';
	const put = async (at: string | null, by: number, what: string): Promise<string | null> => {
		const own = seenFrom(tx, at);
		const [product, accessory] = [await findProduct(own, id), await findAccessory(own, id)];
		const item = product ?? accessory;
		const pack = item?.packs.find((one) => one.sku === sku);
		if (!item || !pack) return `There is no pack “${sku}” of ${id}.`;
		const left = (pack.stock ?? 0) + by;
		if (left < 0) return `${source} has ${counted(pack.stock ?? 0, 'pack')} of ${sku}.`;
		const after = { ...item, packs: item.packs.map((one) => (one.sku === sku ? { ...one, stock: left } : one)) };
		const event = { kind: 'change' as const, what };
		if (product) await writeRecord(own, PRODUCTS, { before: product, after: after as Product, event, actor });
		else if (accessory)
			await writeRecord(own, ACCESSORIES, { before: accessory, after: after as Accessory, event, actor });
		return null;
	};
	const words = counted(packs, 'pack');
	return (
		(await put(from, -packs, `${words} of ${sku} to ${target}`)) ??
		(await put(to, packs, `${words} of ${sku} from ${source}`))
	);
}

/** Brings packs from the shelf of one branch to that of another: both are changed, or none. */
export function bringOver(db: Knex, move: Move, actor: Actor): Promise<Result<number, string>> {
	return change(db, async (tx) => {
		const wrong = await moved(tx, move, { branches: await listBranches(tx), actor });
		return wrong === null ? ok(move.packs) : err(wrong);
	});
}

/** What of a kit does not lie at its branch, and where it is fetched. */
export interface ToBring {
	/** Packs at other branches that nobody was promised there. */
	fetched: (Fetching & { item: string; name: string })[];
	/** Packs that lie nowhere free. */
	missing: (PacksOf & { name: string })[];
	/** A sign of what is fetched, to be given back by whoever saw it. */
	sign: string;
}

/** Where nothing is to be brought. */
export const NOTHING_TO_BRING: ToBring = { fetched: [], missing: [], sign: '' };

/** Packs of some numbers at every open branch, those that are promised to customers there taken off. */
async function freeAt(
	db: Knex,
	open: readonly Branch[],
	{ today, ...items }: { ids: readonly string[]; skus: readonly string[]; today: string }
) {
	const rows = await packsAtBranches(db, items.skus);
	const first = seenFrom(db, null);
	const atFirst = new Map(
		[...(await findProducts(first, items.ids)), ...(await findAccessories(first, items.ids))].flatMap(({ packs }) =>
			packs.map(({ sku, stock = 0 }) => [sku as string, stock])
		)
	);
	const there = open.map(async ({ id, name, first: isFirst }) => {
		const branch = isFirst ? null : id;
		const stock = (sku: string) =>
			isFirst ? (atFirst.get(sku) ?? 0) : ((rows.get(sku) ?? []).find((row) => row.branch_id === id)?.stock ?? 0);
		const lying = items.skus.filter((sku) => stock(sku) > 0);
		const promised =
			lying.length === 0 ? new Map<string, number>() : await promisedPacks(seenFrom(db, branch), lying, { today });
		return { branch, name, free: new Map(lying.map((sku) => [sku, stock(sku) - (promised.get(sku) ?? 0)])) };
	});
	return Promise.all(there);
}

const TAKEN = ['picked', 'handed-over', 'returned'] as const;
const WAITING = ['quoted', 'ordered'] as const;

/** True for a kit whose packs have left the shelf for a customer, while no other customer waits for it. */
async function isTaken(db: Knex, { id, branch }: { id: string; branch: string | null }): Promise<boolean> {
	const sales = async (states: readonly SaleState[]) =>
		(await listSales(seenFrom(db, branch), { states, kit: id, from: 0, most: 1 })).total;
	return (await sales(TAKEN)) > 0 && (await sales(WAITING)) === 0;
}

/**
 * What of a kit does not lie on the shelf of its branch, or is promised to somebody else there, and where it is fetched; nothing where a shop
 * stands alone, and of a kit whose packs have left the shelf for a customer while no other waits for it.
 * @param today day of the shop: what was promised until then is promised no more
 */
export async function toBring(
	db: Knex,
	{ id, branch, answer }: { id: string; branch: string | null; answer: Pick<KitAnswer, 'lines'> },
	today: string
): Promise<ToBring> {
	const branches = await listBranches(db);
	const lines = answer.lines.filter(({ packs }) => packs > 0);
	if (branches.length === 0 || lines.length === 0) return NOTHING_TO_BRING;
	if (await isTaken(db, { id, branch })) return NOTHING_TO_BRING;
	const wanted = new Map<string, { item: string; name: string; packs: number }>();
	for (const { sku, product, accessory, name, packs } of lines)
		wanted.set(sku, { item: product ?? accessory ?? sku, name, packs: packs + (wanted.get(sku)?.packs ?? 0) });
	const ids = [...new Set([...wanted.values()].map(({ item }) => item))];
	const here = seenFrom(db, branch);
	const onShelf = new Map(
		[...(await findProducts(here, ids)), ...(await findAccessories(here, ids))].flatMap(({ packs }) =>
			// A pack that nobody counts is always there.
			packs.map(({ sku, stock = Infinity }) => [sku as string, stock])
		)
	);
	const promised = await everyPackPromised(here, { today, butOf: id });
	const freeHere = (sku: string) => Math.max(0, (onShelf.get(sku) ?? 0) - (promised[sku] ?? 0));
	const short = Array.from(wanted, ([sku, { packs }]) => ({ sku, packs: packs - freeHere(sku) }));
	const some = short.filter(({ packs }) => packs > 0);
	if (some.length === 0) return NOTHING_TO_BRING;
	const others = branches.filter((one) => !one.closed && (one.first ? null : one.id) !== branch);
	const { fetched, missing } = fetchFromFew(
		some,
		await freeAt(db, others, { ids, skus: some.map(({ sku }) => sku), today })
	);
	const named = (sku: string) => ({ name: wanted.get(sku)?.name ?? sku });
	return {
		fetched: fetched.map((one) => ({ ...one, ...named(one.sku), item: wanted.get(one.sku)?.item ?? one.sku })),
		missing: missing.map((one) => ({ ...one, ...named(one.sku) })),
		sign: fingerprint(fetched)
	};
}

/**
 * Brings what a kit needs and other branches have to the shelf of its branch: all of it, or nothing.
 * @param sign of what the person saw; when something else would be fetched by now, nothing is
 */
export function bringKit(db: Knex, id: string, { sign, actor }: { sign: string; actor: Actor }) {
	return change<number, string>(db, async (tx) => {
		const kit: StoredKit | null = await findKit(tx, id);
		if (!kit) return err(`There is no kit "${id}".`);
		const { fetched, sign: now } = await toBring(tx, kit, shopDay(actor.now));
		if (fetched.length === 0) return err('Nothing of this kit lies at another branch.');
		if (now !== sign) return err('What lies at which branch has changed meanwhile: look again, then bring it.');
		const branches = await listBranches(tx);
		for (const { item, sku, packs, from } of fetched) {
			const move = { id: item, sku, packs, from: from.branch, to: kit.branch };
			const wrong = await moved(tx, move, { branches, actor });
			if (wrong !== null) return err(wrong);
		}
		return ok(fetched.reduce((sum, { packs }) => sum + packs, 0));
	});
}
