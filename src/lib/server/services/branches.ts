import type { Knex } from 'knex';
import { piecesOf } from '../../core/match';
import type { Accessory, Product } from '../../core/model';
import { err, ok, type Result } from '../../core/result';
import type { Elsewhere, PackThere } from '../../core/views';
import { branchOf, seenFrom } from '../db/branch';
import { change, type Tx } from '../db/change';
import { packsAtBranches, skusAt } from '../repositories/branch-packs';
import { listBranches, nameOfBranch, putBranch, type Branch } from '../repositories/branches';
import { itemsOfSkus } from '../repositories/packs';
import {
	findAccessories,
	findAccessory,
	findProduct,
	findProducts,
	touchAccessories,
	touchProducts
} from '../repositories/products';
import { slug } from '../slug';

const MOST_NAME = 60;
const MOST_BRANCHES = 200;

function wrongName(name: string, others: readonly Branch[]): string | null {
	if (name === '' || name.length > MOST_NAME || /\p{Cc}/u.test(name))
		return `The name of a branch has 1 to ${MOST_NAME} characters.`;
	return others.some((one) => one.name.toLowerCase() === name.toLowerCase())
		? `There is a branch “${name}” already.`
		: null;
}

/** Opens a branch with empty shelves. The first one that is named is the shop as it was until then. */
export function openBranch(db: Knex, asked: { name: string; first?: string }): Promise<Result<Branch, string>> {
	const [name, first] = [asked.name.trim(), asked.first?.trim()];
	return change(db, async (tx) => {
		const there = await listBranches(tx);
		if (there.length >= MOST_BRANCHES) return err(`A chain has ${MOST_BRANCHES} branches at most.`);
		const begun: Branch[] = [];
		if (there.length === 0) {
			const wrong = wrongName(first ?? '', []);
			if (wrong) return err(`${wrong} Name the shop as it is today, too.`);
			begun.push({ id: slug(first ?? '') || 'first', name: first ?? '', first: true, closed: false });
		}
		const all = [...there, ...begun];
		const wrong = wrongName(name, all);
		if (wrong) return err(wrong);
		const taken = new Set(all.map(({ id }) => id));
		const base = slug(name) || 'branch';
		const id = [base, ...Array.from({ length: MOST_BRANCHES }, (_, i) => `${base}-${i + 2}`)].find(
			(one) => !taken.has(one)
		);
		const fresh: Branch = { id: id ?? base, name, first: false, closed: false };
		for (const branch of [...begun, fresh]) await putBranch(tx, branch);
		return ok(fresh);
	});
}

/** Gives a branch another name, closes it or opens it again. A closed one keeps its kits and sales; its shelves count for nothing. */
export function changeBranch(
	db: Knex,
	id: string,
	{ name, closed }: { name?: string; closed?: boolean }
): Promise<Result<Branch, string>> {
	return change(db, async (tx) => {
		const all = await listBranches(tx);
		const branch = all.find((one) => one.id === id);
		if (!branch) return err(`There is no branch “${id}”.`);
		const bare = name?.trim();
		const wrong =
			bare === undefined
				? null
				: wrongName(
						bare,
						all.filter((one) => one.id !== id)
					);
		if (wrong) return err(wrong);
		if (closed && branch.first) return err(`${branch.name} is the first branch: its shelves stand with the products.`);
		const next = {
			...branch,
			...(bare === undefined ? {} : { name: bare }),
			...(closed === undefined ? {} : { closed })
		};
		await putBranch(tx, next);
		// What lies there counts from now on, or counts no more.
		if (next.closed !== branch.closed) await touchLyingAt(tx, id);
		return ok(next);
	});
}

async function touchLyingAt(tx: Tx, branch: string): Promise<void> {
	const items = await itemsOfSkus(tx, await skusAt(tx, branch));
	await touchProducts(tx, items);
	await touchAccessories(tx, items);
}

/** Every pack of a thing at every open branch, the first branch first; none where a shop stands alone. */
export async function shelvesEverywhere(db: Knex, id: string): Promise<PackThere[]> {
	const branches = (await listBranches(db)).filter(({ closed }) => !closed);
	if (branches.length === 0) return [];
	const there = branches.map(async ({ id: own, name, first }) => {
		const branch = first ? null : own;
		const item = await findItem(seenFrom(db, branch), id);
		return (item?.packs ?? []).map(({ sku, stock = null, price, shelf = null }) => ({
			sku,
			id: own,
			branch,
			name,
			stock,
			price,
			shelf
		}));
	});
	return (await Promise.all(there)).flat();
}

const findItem = async (db: Knex, id: string): Promise<Product | Accessory | null> =>
	(await findProduct(db, id)) ?? (await findAccessory(db, id));

/** Pieces of things that lie at other open branches, by thing, the most first; those that lie nowhere else are not in it. */
export async function elsewhere(
	db: Knex,
	items: readonly Pick<Product, 'id' | 'packs'>[]
): Promise<Map<string, Elsewhere[]>> {
	const branches = (await listBranches(db)).filter(({ closed }) => !closed);
	if (branches.length === 0 || items.length === 0) return new Map();
	const here = branchOf(db);
	const rows = await packsAtBranches(
		db,
		items.flatMap(({ packs }) => packs.map(({ sku }) => sku as string))
	);
	const atFirst =
		here === null
			? new Map<string, number>()
			: await piecesAtFirst(
					db,
					items.map(({ id }) => id as string)
				);
	const found = new Map<string, Elsewhere[]>();
	for (const { id, packs } of items) {
		const pieces = new Map<string | null, number>([[null, atFirst.get(id) ?? 0]]);
		for (const { sku, count } of packs)
			for (const { branch_id, stock } of rows.get(sku) ?? [])
				pieces.set(branch_id, (pieces.get(branch_id) ?? 0) + count * (stock ?? 0));
		const others = [...pieces].flatMap(([branch, own]) => {
			const name = branch === here || own === 0 ? null : nameOfBranch(branches, branch);
			return name === null ? [] : [{ name, pieces: own }];
		});
		if (others.length > 0)
			found.set(
				id,
				others.sort((a, b) => b.pieces - a.pieces || a.name.localeCompare(b.name))
			);
	}
	return found;
}

async function piecesAtFirst(db: Knex, ids: readonly string[]): Promise<Map<string, number>> {
	const first = seenFrom(db, null);
	const items = [...(await findProducts(first, ids)), ...(await findAccessories(first, ids))];
	return new Map(items.map((item) => [item.id as string, piecesOf(item) ?? 0]));
}
