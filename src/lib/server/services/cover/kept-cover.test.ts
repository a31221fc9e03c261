import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { databaseForAll } from '../../../../../tests/support/database';
import { generateFleet, generateOffer, PARTS } from '../../../../../tests/support/fleet';
import { putRecords } from '../../../../../tests/support/put-records';
import { coverOf, isOffered, tally, type Cover } from '../../../core/cover';
import { assumedForPlaces, productCase } from '../../../core/match';
import type { Configuration, Product } from '../../../core/model';
import { rememberingLens } from '../../../core/optics';
import { changeAlways } from '../../db/change';
import { coverState } from '../../repositories/cover';
import { shopRules } from '../catalogue';
import { changePolicy } from '../policy';
import { KeptCover } from './kept-cover';
import { coverIn, runCover } from './run';
import { coverStanding } from './standing';

const fleet = generateFleet(90);
const products = generateOffer(160);
const now = () => '2026-11-28T10:00:00.000Z';
let db: Knex;
let close: () => Promise<void>;

beforeAll(async () => {
	({ db, close } = await databaseForAll());
	await putRecords(db, { configurations: fleet, products, accessories: PARTS });
});
afterAll(() => close());

/** Sockets served on each vehicle, by its id. */
function served(cover: Cover) {
	const offered = Uint8Array.from(cover.products, (p) => (isOffered(p, { from: 'catalogue' }) ? 1 : 0));
	const { vehicles } = tally(cover, offered);
	return new Map(cover.vehicles.map(({ facts }, i) => [facts.id as string, vehicles[i]?.served]));
}

async function fromTheStart(configurations: readonly Configuration[], all: readonly Product[]) {
	const { shop } = await shopRules(db);
	const by = { shop, assumed: assumedForPlaces(shop.assumptions), through: rememberingLens() };
	return served(
		coverOf(
			configurations,
			all.map((product) => productCase(product)),
			by
		)
	);
}

describe('a cover in a database', () => {
	it('is stopped in the middle, opened again by somebody else, and comes to what it is from the start', async () => {
		let steps = 0;
		const isDone = await runCover(db, { now, isStopped: () => ++steps > 5 });
		expect(isDone).toBe(false);
		expect((await coverStanding(db)).finishedAt).toBeNull();
		// Another process: nothing of the first is in memory.
		const again = await KeptCover.open(db);
		const phases = new Set<string>();
		for await (const { phase } of again.catchUp()) phases.add(phase);
		expect(phases).toContain('judging');
		const expected = await fromTheStart(fleet, products);
		expect(served(again.cover)).toEqual(expected);
		expect(served((await KeptCover.open(db)).cover)).toEqual(expected);
	});

	it('says when it was worked out, and what has changed since', async () => {
		expect(await runCover(db, { now })).toBe(true);
		expect(await coverState(db)).toMatchObject({ startedAt: null, finishedAt: now() });
		expect((await coverStanding(db)).changed).toEqual({ vehicles: 0, products: 0 });
		await putRecords(db, { products: products.slice(0, 2), configurations: fleet.slice(0, 3) });
		expect((await coverStanding(db)).changed).toEqual({ vehicles: 3, products: 2 });
	});

	it('follows changed, new and removed products and vehicles', async () => {
		const slim = products.slice(0, 3).map((p) => ({ ...p, size: { ...p.size, frontDiameter: 1 } }) as Product);
		const more = generateOffer(190).slice(160);
		const tighter = fleet.slice(4, 8).map((c) => ({
			...c,
			sockets: c.sockets.map((s) => ({ ...s, envelope: { ...s.envelope, frontDiameter: 2 } }))
		})) as Configuration[];
		await putRecords(db, { products: [...slim, ...more], configurations: tighter });
		await changeAlways(db, async (tx) => {
			await tx('products').where({ id: products[9]?.id }).delete();
			await tx('configurations').where({ id: fleet[9]?.id }).delete();
		});
		await runCover(db, { now });
		const all = [...slim, ...products.slice(3), ...more].filter(({ id }) => id !== products[9]?.id);
		const vehicles = fleet
			.map((c) => tighter.find(({ id }) => id === c.id) ?? c)
			.filter(({ id }) => id !== fleet[9]?.id);
		const expected = await fromTheStart(vehicles, all);
		expect(served((await coverIn(db)).cover)).toEqual(expected);
		expect(served((await KeptCover.open(db)).cover)).toEqual(expected);
	});

	it('does not take a product for unchanged because it was read again after a restart', async () => {
		const [, , , , fifth] = products;
		const other = { ...fifth, colour: { kind: 'amber', peak: 592 }, fits: ['W5W'] } as unknown as Product;
		await putRecords(db, { products: [other] });
		const opened = await KeptCover.open(db);
		for await (const step of opened.catchUp()) void step;
		const rows: { document: string }[] = await db('products').select('document');
		const all = rows.map(({ document }) => JSON.parse(document) as Product);
		const vehicles: { document: string }[] = await db('configurations').select('document');
		const expected = await fromTheStart(
			vehicles.map(({ document }) => JSON.parse(document) as Configuration),
			all
		);
		expect(served(opened.cover)).toEqual(expected);
	});

	it('is worked out anew when the rules of the shop are others', async () => {
		const before = await coverState(db);
		expect((await changePolicy(db, { headlamps: 'projectors' })).ok).toBe(true);
		expect((await coverStanding(db)).finishedAt).toBeNull();
		const phases = new Set<string>();
		await runCover(db, { now, onProgress: ({ phase }) => phases.add(phase) });
		expect([...phases]).toEqual(['products', 'vehicles', 'judging', 'done']);
		expect((await coverState(db))?.rules).not.toBe(before?.rules);
	});
});
