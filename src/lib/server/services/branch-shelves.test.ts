import type { Knex } from 'knex';
import { expect, it } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { randomFrom } from '../../../../tests/support/random';
import { seenFrom, WHOLE_CHAIN } from '../db/branch';
import { findProduct } from '../repositories/products';
import { elsewhere, openBranch, shelvesEverywhere } from './branches';
import { bringOver } from './bring-over';
import { examine } from './doctor';
import { saveProduct } from './stock';

const ACTOR = { by: 'A. Person', now: '2026-11-26T08:00:00.000Z' };
const LAMP = 'GL-P21-RD';
const STEPS = 60;
const MOST = 9;

/** What lies at a branch of one pack, and its price there where that is another one than the first branch's. */
interface Shelf {
	stock: number;
	own: number | null;
}

/** A chain as it should be: the first branch under null, and the price there. */
interface Expected {
	price: number;
	shelves: Map<string | null, Shelf>;
}

const priceAt = ({ price, shelves }: Expected, branch: string | null) => shelves.get(branch)?.own ?? price;

it('stands as it was written, whoever counts, prices and brings what from where', async () => {
	const { db, folder } = await demoDatabase();
	for (const name of ['Quay', 'Mill', 'Hill']) await openBranch(db, { name, first: 'Harbour' });
	const branches = [null, 'quay', 'mill', 'hill'];
	const random = randomFrom(7);
	const any = (count: number) => Math.floor(random() * count);
	const one = () => branches[any(branches.length)] ?? null;
	const lampAt = async (branch: string | null) => (await findProduct(seenFrom(db, branch), LAMP))!;
	const first = (await lampAt(null)).packs[0]!;
	const expected: Expected = {
		price: first.price,
		shelves: new Map(branches.map((branch) => [branch, { stock: branch === null ? first.stock! : 0, own: null }]))
	};
	const shelf = (branch: string | null) => expected.shelves.get(branch)!;

	/** Somebody at a branch writes the first pack anew. */
	const write = async (branch: string | null, more: { stock?: number; price?: number }) => {
		const lamp = await lampAt(branch);
		const packs = lamp.packs.map((pack, i) => (i === 0 ? { ...pack, ...more } : pack));
		const saved = await saveProduct(seenFrom(db, branch), { input: { ...lamp, packs }, isNew: false }, ACTOR);
		expect(saved).toMatchObject({ ok: true });
		if (more.stock !== undefined) shelf(branch).stock = more.stock;
		if (more.price === undefined || more.price === priceAt(expected, branch)) return;
		if (branch === null) expected.price = more.price;
		// One that is given as the first branch has it goes with it from then on.
		else shelf(branch).own = more.price === expected.price ? null : more.price;
	};
	const bring = async () => {
		const [from, to, packs] = [one(), one(), 1 + any(MOST)];
		const brought = await bringOver(db, { id: LAMP, sku: first.sku, packs, from, to }, ACTOR);
		expect(brought.ok).toBe(from !== to && packs <= shelf(from).stock);
		if (!brought.ok) return;
		shelf(from).stock -= packs;
		shelf(to).stock += packs;
	};
	const compare = async (at: Knex, branch: string | null) => {
		const { packs } = (await findProduct(at, LAMP))!;
		expect(packs[0]).toMatchObject({ stock: shelf(branch).stock, price: priceAt(expected, branch) });
	};

	for (let step = 0; step < STEPS; step++) {
		const kind = any(3);
		if (kind === 0) await write(one(), { stock: any(MOST) });
		else if (kind === 1) await write(one(), { price: 1000 + any(3) });
		else await bring();
		for (const branch of branches) await compare(seenFrom(db, branch), branch);
		const all = [...expected.shelves.values()].reduce((sum, { stock }) => sum + stock, 0);
		expect((await findProduct(seenFrom(db, WHOLE_CHAIN), LAMP))?.packs[0]?.stock).toBe(all);
	}

	const everywhere = (await shelvesEverywhere(db, LAMP)).filter(({ sku }) => sku === first.sku);
	expect(new Map(everywhere.map(({ branch, stock }) => [branch, stock]))).toEqual(
		new Map(Array.from(expected.shelves, ([branch, { stock }]) => [branch, stock]))
	);
	const quay = seenFrom(db, 'quay');
	const lamp = (await findProduct(quay, LAMP))!;
	const pieces = new Map<string, number>();
	for (const { branch, name, sku, stock } of await shelvesEverywhere(db, LAMP)) {
		const { count } = lamp.packs.find((pack) => pack.sku === sku)!;
		if (branch !== 'quay' && stock) pieces.set(name, (pieces.get(name) ?? 0) + count * stock);
	}
	const others = (await elsewhere(quay, [lamp])).get(LAMP) ?? [];
	expect(new Map(others.map((other) => [other.name, other.pieces]))).toEqual(pieces);
	expect((await examine(db, folder)).checks.filter(({ ok, name }) => !ok && name !== 'backups')).toEqual([]);
});
