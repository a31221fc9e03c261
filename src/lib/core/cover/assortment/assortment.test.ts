import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { generateFleet, generateOffer, PARTS } from '../../../../../tests/support/fleet';
import { solver } from '../../../../../tests/support/solver';
import { assumedForPlaces, productCase } from '../../match';
import type { Pack } from '../../model';
import { rememberingLens } from '../../optics';
import {
	bestChoice,
	compareChoices,
	coverOf,
	dominated,
	doubles,
	greedyChoice,
	reorderOf,
	servedAlike,
	tally,
	tiedIn,
	type ServedAlike
} from '..';

const anySet = fc
	.record({
		products: fc.uniqueArray(fc.integer({ min: 0, max: 7 }), { minLength: 1, maxLength: 4 }),
		weight: fc.integer({ min: 1, max: 9 })
	})
	.map(({ products, weight }): ServedAlike => ({ products: [...products].sort((a, b) => a - b), weight, sockets: 1 }));
const anySets = fc.array(anySet, { minLength: 1, maxLength: 12 });

const servedBy = (sets: readonly ServedAlike[], chosen: readonly number[]) =>
	sets.reduce((sum, { products, weight }) => sum + (products.some((p) => chosen.includes(p)) ? weight : 0), 0);

/** The most that any k of eight products serve. */
function bruteForce(sets: readonly ServedAlike[], k: number): number {
	let best = 0;
	for (let mask = 0; mask < 256; mask++) {
		const chosen = [...Array(8).keys()].filter((p) => mask & (1 << p));
		if (chosen.length <= k) best = Math.max(best, servedBy(sets, chosen));
	}
	return best;
}

describe('the best k products', () => {
	it('are what trying every choice finds', async () => {
		await fc.assert(
			fc.asyncProperty(anySets, fc.integer({ min: 1, max: 5 }), async (sets, k) => {
				const best = await bestChoice(sets, k, solver);
				expect(best.how).toBe('exact');
				expect(best.served).toBe(bruteForce(sets, k));
				expect(servedBy(sets, best.products)).toBe(best.served);
				expect(best.products.length).toBeLessThanOrEqual(k);
			}),
			{ numRuns: 40 }
		);
	});

	it('one after another keep their promise: 63 % of the best, and a bound that holds', () => {
		fc.assert(
			fc.property(anySets, (sets) => {
				greedyChoice(sets).forEach(({ served, bound }, i) => {
					const best = bruteForce(sets, i + 1);
					expect(served).toBeGreaterThanOrEqual((1 - 1 / Math.E) * best - 1e-9);
					expect(bound).toBeGreaterThanOrEqual(best);
				});
			})
		);
	});

	it('leave out only products that another does everything for', () => {
		fc.assert(
			fc.property(anySets, (sets) => {
				const out = dominated(sets);
				const left = [...Array(8).keys()].filter((p) => !out.has(p));
				for (let k = 1; k <= 4; k++) {
					const kept = sets.map((set) => ({ ...set, products: set.products.filter((p) => left.includes(p)) }));
					expect(bruteForce(kept, k)).toBe(bruteForce(sets, k));
				}
			})
		);
	});
});

describe('an assortment of a fleet', () => {
	const products = generateOffer(200).map((product) => productCase(product));
	const by = {
		shop: { policy: { headlamps: 'projectors' as const }, accessories: PARTS, currency: 'EUR' as const },
		assumed: assumedForPlaces(undefined),
		through: rememberingLens()
	};
	const cover = coverOf(generateFleet(60), products, by);
	const everything = new Uint8Array(products.length).fill(1);
	const sets = servedAlike(cover, everything);

	it('counts the sockets that the tally counts, whatever is chosen', () => {
		expect(sets.reduce((sum, { sockets }) => sum + sockets, 0)).toBe(tally(cover, everything).all.served);
		const steps = greedyChoice(sets, 12);
		const chosen = new Uint8Array(products.length);
		for (const { product, served } of steps) {
			chosen[product] = 1;
			expect(tally(cover, chosen).all.served).toBe(served);
		}
	});

	it('names doubles that can be taken out without a socket lost, each for one that costs no more', () => {
		const found = doubles(sets, products);
		expect(found.length).toBeGreaterThan(0);
		const kept = new Uint8Array(products.length).fill(1);
		for (const { product, by: other } of found) {
			kept[product] = 0;
			expect(products[other]?.price).toBeLessThanOrEqual(products[product]?.price ?? 0);
		}
		expect(tally(cover, kept).all.served).toBe(tally(cover, everything).all.served);
	});

	it('is compared with another socket by socket', () => {
		const [first, second] = [new Set([...Array(100).keys()]), new Set([...Array(140).keys()].slice(60))];
		const { both, onlyFirst, onlySecond, neither } = compareChoices(sets, first, second);
		const mask = (choice: ReadonlySet<number>) => Uint8Array.from(products, (_, i) => (choice.has(i) ? 1 : 0));
		expect(both.sockets + onlyFirst.sockets).toBe(tally(cover, mask(first)).all.served);
		expect(both.sockets + onlySecond.sockets).toBe(tally(cover, mask(second)).all.served);
		expect(both.sockets + onlyFirst.sockets + onlySecond.sockets + neither.sockets).toBe(
			tally(cover, everything).all.served
		);
	});
});

const pack = (more: object): Pack => ({ sku: 'A', count: 1, price: 500, ...more }) as unknown as Pack;

describe('what to order', () => {
	// 60 pieces in 60 days: 7 go in a lead time of 7 days, reserve 1.65 x sqrt 7 = 4.4, so the point is 12; a delivery lasts 30 more.
	const going = { pieces: 60, days: 60, reserved: 0 };
	it.each([
		['nothing above the point', [pack({ stock: 13 })], going, null],
		['at the point, up to it and 30 days more', [pack({ stock: 12 })], going, { packs: 30, pieces: 30, point: 12 }],
		['what is on order counts', [pack({ stock: 2, ordered: 20 })], going, null],
		['what is promised does not', [pack({ stock: 20 })], { ...going, reserved: 10 }, { free: 10, packs: 32 }],
		[
			'in the packs that cost least',
			[pack({ stock: 12, cost: 300 }), pack({ sku: 'B', count: 10, price: 4000, cost: 2500 })],
			going,
			{ packs: 3, pieces: 30, cost: 7500 }
		],
		['nothing of what never goes', [pack({ stock: 0 })], { pieces: 0, days: 60, reserved: 0 }, null],
		[
			'what is promised and not there, even so',
			[pack({ stock: 1 })],
			{ pieces: 0, days: 60, reserved: 4 },
			{ free: -3, packs: 3 }
		],
		['nothing without a pack', [], going, null]
	])('%s', (_, packs, how, expected) => {
		const found = reorderOf({ packs }, how);
		if (expected === null) expect(found).toBeNull();
		else expect(found).toMatchObject(expected);
	});

	it('says what lies on the shelf in money, at cost where it is on record', () => {
		const packs = [pack({ stock: 3, cost: 300 }), pack({ sku: 'B', count: 2, price: 900, stock: 2 })];
		expect(tiedIn({ packs })).toEqual({ pieces: 7, money: 3 * 300 + 2 * 900, atPrice: true });
	});
});
