import { describe, expect, it } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { findProduct } from '../repositories/products';
import { serveFeed, supplierOf, type Supplier } from '../stand-ins/supplier';
import { feedAnswer, simulatedSupplier } from '../stand-ins/supplier/simulated';
import { askSupplier, lastQuoted, shopSupplier, supplierMessage, supplierState } from './supplier';

const ACTOR = { by: 'A. Person', now: '2026-03-04T05:06:07.000Z' };
const SKU = 'GL-P21-60-1';
const minute = (n: number) => new Date(n * 60_000);
/** Minutes of the simulated feed: good, down, nonsense. */
const [GOOD, DOWN, NONSENSE] = [1001 * 77 + 1, 1001 * 7, 11 * 8];

const answering = (quotes: unknown[], currency = 'EUR'): Supplier => ({
	name: 'Test supplier',
	simulated: false,
	ask: () => Promise.resolve({ at: '2026-03-04T05:00:00.000Z', currency, quotes })
});

describe('the simulated feed', () => {
	const packs = Array.from({ length: 200 }, (_, i) => ({ sku: `S${i}`, price: 1000, stock: 8 }));

	it('is down in one minute of seven and sends nonsense in one of eleven', () => {
		const answers = Array.from({ length: 77 }, (_, i) => feedAnswer(packs, 'EUR', minute(i)));
		expect(answers.filter((a) => a.status === 503)).toHaveLength(11);
		expect(answers.filter((a) => a.type === 'text/html')).toHaveLength(6);
	});

	it('says the same in the same minute, and other things later; prices stay near, stock is never negative', async () => {
		const at = (n: number) =>
			simulatedSupplier(
				async () => packs,
				'EUR',
				() => minute(n)
			).ask();
		const [one, same, later] = [await at(GOOD), await at(GOOD), await at(GOOD + 40)];
		expect(one).toEqual(same);
		expect(later.quotes).not.toEqual(one.quotes);
		for (const q of later.quotes as { price: number; stock: number }[]) {
			expect(Math.abs(q.price - 1000)).toBeLessThanOrEqual(100);
			expect(q.stock).toBeGreaterThanOrEqual(0);
		}
	});

	it('is a server with one address; another address is not found', async () => {
		const feed = await serveFeed(packs, 'EUR', { now: () => minute(GOOD) });
		try {
			const supplier = supplierOf(async () => [], 'EUR', {
				now: () => minute(0),
				env: { ROTALUX_SUPPLIER: feed.address }
			});
			expect([supplier.simulated, (await supplier.ask()).quotes.length]).toEqual([false, 200]);
			expect((await fetch(`${feed.address}/other`)).status).toBe(404);
		} finally {
			await feed.close();
		}
		await expect(
			supplierOf(async () => [], 'EUR', { now: () => minute(0), env: { ROTALUX_SUPPLIER: feed.address } }).ask()
		).rejects.toThrow();
	});
});

describe('asking the supplier', () => {
	it('takes prices and stock in with their date, and leaves out what cannot be', async () => {
		const { db } = await demoDatabase();
		const rows = [
			{ sku: SKU, price: 1350, stock: 3, cost: 800 },
			{ sku: 'GL-P21-60-9', price: 100, stock: 1 },
			{ sku: SKU, price: -5, stock: 1 },
			{ price: 5 },
			{ sku: 'RS-6-50-1', price: 59000, stock: 4 }
		];
		const state = await askSupplier(db, answering(rows), ACTOR);
		expect(state.changed).toEqual([`${SKU}: price 12.90 to 13.50`, `${SKU}: stock 12 to 3`]);
		expect(state.ignored).toHaveLength(4);
		const pack = (await findProduct(db, 'GL-P21-60'))?.packs.find((p) => p.sku === SKU);
		expect(pack).toMatchObject({ price: 1350, stock: 3, cost: 800, asOf: '2026-03-04T05:00:00.000Z' });
		expect(supplierMessage(state)).toContain('2 changes');
	});

	it.each([
		['down', DOWN, 'answered 503'],
		['talking nonsense', NONSENSE, 'not JSON']
	])('that is %s keeps the last good values and their date', async (_, at, words) => {
		const { db } = await demoDatabase();
		const good = await askSupplier(db, answering([{ sku: SKU, price: 1350, stock: 3 }]), ACTOR);
		const before = await findProduct(db, 'GL-P21-60');
		const bad = await askSupplier(db, await shopSupplier(db, () => minute(at)), {
			...ACTOR,
			now: '2026-03-05T00:00:00.000Z'
		});
		expect(bad.trouble).toContain(words);
		expect([bad.lastGood, bad.lastAsked]).toEqual([good.lastGood, '2026-03-05T00:00:00.000Z']);
		expect(await findProduct(db, 'GL-P21-60')).toEqual(before);
		expect(supplierMessage(bad)).toContain('last good values are kept');
	});

	it('in another currency takes nothing', async () => {
		const { db } = await demoDatabase();
		const state = await askSupplier(db, answering([{ sku: SKU, price: 1, stock: 1 }], 'SEK'), ACTOR);
		expect(state.trouble).toContain('quotes in SEK');
		expect((await findProduct(db, 'GL-P21-60'))?.packs[0]?.price).toBe(1290);
	});

	it('never asked, says so', async () => {
		const { db } = await demoDatabase();
		expect(supplierMessage(await supplierState(db, answering([])))).toContain('Nobody has asked');
		expect(await lastQuoted(db)).toBeNull();
		await askSupplier(db, answering([]), ACTOR);
		expect(await lastQuoted(db)).toBe('by Simulated supplier on 2026-03-04 05:00');
	});
});
