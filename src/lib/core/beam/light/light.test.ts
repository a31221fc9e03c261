import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { comparePoints, compareLight, lampLight, missingPoints, pointOnWall, readingDoubt, seeingDistance } from '.';

describe('candela', () => {
	// Distance m, lux, candela: the table of the photometry facts.
	it.each([
		[1, 1, 1],
		[3, 1, 9],
		[5, 1, 25],
		[7.62, 1, 58.06],
		[10, 1, 100],
		[25, 1, 625],
		[5, 30, 750],
		[10, 12, 1200]
	])('at %d m %d lx are %d cd', (distance, lux, candela) => {
		const light = lampLight({ lux, distance });
		expect(light.ok && light.value.candela).toBeCloseTo(candela, 1);
	});

	it('leaves the ambient out, and says when a reading is none', () => {
		expect(lampLight({ lux: 12, distance: 5, ambient: 2 })).toEqual({ ok: true, value: { lux: 10, candela: 250 } });
		for (const [reading, words] of [
			[{ lux: 12, distance: 0 }, 'more than 0 m'],
			[{ lux: 12, distance: 5000 }, 'not credible'],
			[{ lux: -1, distance: 5 }, '0 lx or more'],
			[{ lux: 1, distance: 5, ambient: 2 }, 'swapped'],
			[{ lux: NaN, distance: 5 }, '0 lx or more']
		] as const) {
			const light = lampLight(reading);
			expect(light.ok ? '' : light.error).toContain(words);
		}
	});

	it('compares only as candela: less lux from further away is the stronger lamp', () => {
		const change = compareLight({ lux: 30, distance: 5 }, { lux: 12, distance: 10 });
		expect(change.ok && change.value).toMatchObject({ ratio: 1.6, caution: null });
		expect(change.ok && change.value.seeingDistanceFactor).toBeCloseTo(1.265, 3);
		const near = compareLight({ lux: 30, distance: 2 }, { lux: 12, distance: 10 });
		expect(near.ok && near.value.caution).toContain('inverse square does not hold');
		const dark = compareLight({ lux: 3, distance: 5, ambient: 3 }, { lux: 12, distance: 5 });
		expect(dark.ok ? '' : dark.error).toContain('nothing to compare');
	});

	it('a ratio does not depend on the distance both were taken at, nor on which of two distances', () => {
		const lux = fc.double({ min: 0.1, max: 1000, noNaN: true });
		const metres = fc.double({ min: 3, max: 50, noNaN: true });
		fc.assert(
			fc.property(lux, lux, metres, metres, (before, after, one, other) => {
				const here = compareLight({ lux: before, distance: one }, { lux: after, distance: one });
				const there = compareLight(
					{ lux: before, distance: one },
					{ lux: (after * one * one) / (other * other), distance: other }
				);
				expect(here.ok && there.ok && here.value.ratio / there.value.ratio).toBeCloseTo(1, 6);
			})
		);
	});

	it('seeing goes with the square root', () => {
		expect(seeingDistance(30_000, 3)).toBe(100);
		expect(seeingDistance(60_000, 3)).toBeCloseTo(141.4, 1);
	});
});

describe('points', () => {
	it('side by side, each as candela, with what is missing said', () => {
		const before = { points: { 'hot-spot': 400, above: 2, below: 100 }, distance: 5 };
		const after = { points: { 'hot-spot': 150, above: 1, left: 9 }, distance: 10 };
		const changes = comparePoints(before, after);
		expect(changes.map(({ point, ratio }) => [point, ratio])).toEqual([
			['hot-spot', 1.5],
			['below', null],
			['above', 2],
			['left', null]
		]);
		const missing = missingPoints(after.points, ['below', 'above']);
		expect(missing.ok ? '' : missing.error.words).toBe('Not measured yet: under the cut-off.');
	});

	it('stand on the wall by their angle, and change sides with the traffic', () => {
		const right = pointOnWall('above', { distance: 10, traffic: 'right' });
		expect(right?.x).toBeCloseTo(-599, 0);
		expect(right?.y).toBeCloseTo(100, 0);
		expect(pointOnWall('above', { distance: 10, traffic: 'left' })?.x).toBeCloseTo(599, 0);
		expect(pointOnWall('hot-spot', { distance: 10, traffic: 'left' })).toBeNull();
	});

	it('a reading in the wrong unit is asked about, a credible one is not', () => {
		expect(readingDoubt({ point: 'above', lux: 1890, distance: 10 })).toContain('Was 18.9 lx meant?');
		expect(readingDoubt({ point: 'hot-spot', lux: 1890, distance: 5 }, 18.9 * 25)).toContain('Was 18.9 lx meant?');
		expect(readingDoubt({ point: 'hot-spot', lux: 1890, distance: 5 })).toBeNull();
		expect(readingDoubt({ point: 'hot-spot', lux: 30, distance: 10 }, 40_000)).toContain('foot-candles');
		expect(readingDoubt({ point: 'below', lux: 120, distance: 10 }, 9_000)).toBeNull();
	});
});
