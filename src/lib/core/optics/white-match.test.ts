import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	boundaryOutline,
	isInside,
	matchWord,
	miredDifference,
	planckianLocus,
	spectralLocus,
	throughLens,
	whitePoint
} from '.';

describe('white beside white, in mired', () => {
	it.each([
		['4000 and 5000 K: 250 - 200', 4000, 5000, 50, 'mismatch'],
		['4300 and 4500 K: 232.6 - 222.2', 4300, 4500, 10.3, 'noticed'],
		['6000 and 6300 K: 166.7 - 158.7', 6000, 6300, 7.9, 'alike'],
		['2856 and 6000 K: 350.1 - 166.7', 2856, 6000, 183.5, 'mismatch']
	])('%s', (_, a, b, mired, word) => {
		const apart = miredDifference({ cct: a, duv: 0 }, { cct: b, duv: 0 });
		expect(apart).toBeCloseTo(mired, 0);
		expect(matchWord(apart)).toBe(word);
	});

	it('a green-pink shift counts as much: 0.0035 beside the locus is as far as 10 mired along it', () => {
		expect(miredDifference({ cct: 4000, duv: 0.0035 }, { cct: 4000, duv: 0 })).toBeCloseTo(10, 6);
	});

	it('is the same both ways, and nothing between equals', () => {
		const white = fc.record({
			cct: fc.double({ min: 2500, max: 9000, noNaN: true }),
			duv: fc.double({ min: -0.01, max: 0.01, noNaN: true })
		});
		fc.assert(
			fc.property(white, white, (a, b) => {
				expect(miredDifference(a, b)).toBeCloseTo(miredDifference(b, a), 9);
				expect(miredDifference(a, a)).toBe(0);
			})
		);
	});

	it('coloured light has no white point, and a white keeps its own behind a clear lens', () => {
		expect(whitePoint(throughLens({ kind: 'led-red', peak: 630 }, 'clear'))).toBeNull();
		expect(whitePoint(throughLens({ kind: 'led-amber', peak: 592 }, 'none'))).toBeNull();
		expect(whitePoint(throughLens({ kind: 'halogen', kelvin: 3200 }, 'none'))?.cct).toBeCloseTo(3200, -1);
		expect(whitePoint(throughLens({ kind: 'led-white', kelvin: 4300 }, 'clear'))?.cct).toBeCloseTo(4300, -2);
	});
});

describe('outlines for drawing', () => {
	const STEP = 0.15;

	it.each(['UN', 'US'] as const)('every corner of a %s boundary lies on it: a step inwards is inside', (family) => {
		for (const colour of ['white', 'amber', 'selective-yellow', 'red'] as const) {
			const corners = boundaryOutline(colour, family);
			const middle = {
				x: corners.reduce((sum, p) => sum + p.x, 0) / corners.length,
				y: corners.reduce((sum, p) => sum + p.y, 0) / corners.length
			};
			// white is not convex at its warm end: there the way to the middle leaves it first
			for (const corner of corners.filter((c) => !(colour === 'white' && c.x >= 0.5))) {
				const inward = { x: corner.x + (middle.x - corner.x) * STEP, y: corner.y + (middle.y - corner.y) * STEP };
				expect(isInside(inward, colour, family), `${family} ${colour} ${corner.x} ${corner.y}`).toBe(true);
			}
		}
	});

	it('the loci run from blue to red and from warm to cool', () => {
		const locus = spectralLocus();
		expect([locus[0]?.nm, locus.at(-1)?.nm]).toEqual([400, 700]);
		expect(locus.at(-1)!.x).toBeGreaterThan(0.73);
		const xs = planckianLocus().map((p) => p.x);
		expect(xs).toEqual([...xs].sort((a, b) => b - a));
	});
});
