import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { generateFleet, generateOffer, PARTS } from '../../../../../tests/support/fleet';
import { assumedForPlaces, compileCatalogue, matchConfiguration, productCase, type Shop } from '../../match';
import { rememberingLens } from '../../optics';
import { coverOf, isOffered, largestBoxes, missingProducts, promiseOf, tally, unmetIn } from '..';

const shop: Shop = { policy: { headlamps: 'projectors' }, accessories: PARTS, currency: 'EUR' };
const by = { shop, assumed: assumedForPlaces(undefined), through: rememberingLens() };
const fleet = generateFleet(60);
// A thin offer: one lamp in six of the popular sizes, none of the others.
const products = generateOffer(90).filter((_, i) => i % 6 !== 0);
const cover = coverOf(
	fleet,
	products.map((product) => productCase(product)),
	by
);
const offered = Uint8Array.from(cover.products, (product) => (isOffered(product, { from: 'catalogue' }) ? 1 : 0));
const found = missingProducts(cover, offered);

describe('a missing specification', () => {
	it('serves, made into a product, what was promised, by the plain match', () => {
		expect(found.missing.length).toBeGreaterThan(10);
		const before = tally(cover, offered);
		for (const { specification, sockets, vehicles, completes } of found.missing.slice(0, 10)) {
			const catalogue = compileCatalogue([...products, specification]);
			let closed = 0;
			const touched = new Set<string>();
			let completed = 0;
			fleet.forEach((configuration, v) => {
				const matches = matchConfiguration(configuration, catalogue, shop);
				const good = matches.filter(({ candidates }) =>
					candidates.some(({ verdict }) => verdict === 'fits' || verdict === 'parts')
				).length;
				const was = before.vehicles[v] as { sockets: number; served: number };
				closed += good - was.served;
				if (good > was.served) touched.add(configuration.id);
				if (good > was.served && good === was.sockets) completed += 1;
			});
			expect({ closed, vehicles: touched.size, completed }).toEqual({
				closed: sockets,
				vehicles,
				completed: completes
			});
		}
	});

	it('comes by weight, and a body one millimetre larger serves less or as little', () => {
		const weights = found.missing.map(({ weight }) => weight);
		expect(weights).toEqual([...weights].sort((a, b) => b - a));
		const open = unmetIn(cover, offered);
		for (const { specification, weight } of found.missing.slice(0, 8)) {
			const { frontLength = 0, frontDiameter = 0 } = specification.size ?? {};
			const larger = { ...specification.size, frontLength: frontLength + 1, frontDiameter: frontDiameter + 1 };
			const fatter = { ...specification, size: larger } as typeof specification;
			expect(promiseOf(cover, open, [fatter]).weight).toBeLessThanOrEqual(weight);
		}
	});

	it('says of every open socket that it can be closed, or that no lamp would', () => {
		const open = [...found.open.places.values()].reduce((sum, { sockets }) => sum + sockets, 0);
		const closable = new Set(found.missing.flatMap(({ places }) => places));
		const closed = [...closable].reduce((sum, place) => sum + (found.open.places.get(place)?.sockets ?? 0), 0);
		const never = found.never.reduce((sum, { sockets }) => sum + sockets, 0);
		expect(closed + never).toBe(open);
		expect(never).toBeGreaterThan(0);
	});
});

describe('largestBoxes', () => {
	const limit = fc.record({
		length: fc.integer({ min: 1, max: 12 }),
		diameter: fc.integer({ min: 1, max: 12 }),
		weight: fc.integer({ min: 1, max: 5 })
	});

	it('finds what trying every box finds', () => {
		fc.assert(
			fc.property(fc.array(limit, { minLength: 1, maxLength: 12 }), (limits) => {
				const boxes = largestBoxes(limits);
				const inside = (length: number, diameter: number) =>
					limits.filter((l) => l.length >= length && l.diameter >= diameter).reduce((sum, l) => sum + l.weight, 0);
				for (const { length, diameter, weight } of boxes) expect(weight).toBe(inside(length, diameter));
				for (let length = 1; length <= 12; length++)
					for (let diameter = 1; diameter <= 12; diameter++) {
						const weight = inside(length, diameter);
						if (weight === 0) continue;
						expect(boxes.some((box) => box.length >= length && box.diameter >= diameter && box.weight >= weight)).toBe(
							true
						);
					}
				for (const a of boxes)
					for (const b of boxes)
						if (a !== b) expect(a.length >= b.length && a.diameter >= b.diameter && a.weight >= b.weight).toBe(false);
			}),
			{ numRuns: 60 }
		);
	});
});
