import { describe, expect, it } from 'vitest';
import { aim, AIM_RULES, readAim, USUAL_SPREAD, type AimAsked } from '.';

const at = (rule: string, height: number, distance: number, more: Partial<AimAsked> = {}) => {
	const found = aim({ rule, height, distance, traffic: 'right', ...more });
	if (!found.ok) throw new Error(found.error);
	return found.value;
};

describe('drop', () => {
	// Rule, lamp height mm, distance m: least, aim, most mm under lamp height, worked by hand from the percentages and angles of the rules.
	it.each([
		['un-r48-low-beam', 650, 10, 100, 125, 150],
		['un-r48-low-beam', 799, 5, 50, 62.5, 75],
		['un-r48-low-beam', 800, 10, 100, 125, 150],
		['un-r48-low-beam', 1000, 10, 100, 125, 150],
		['un-r48-low-beam', 1001, 10, 150, 175, 200],
		['un-r48-low-beam-alternative', 900, 10, 150, 175, 200],
		['un-r48-low-beam-off-road', 1300, 10, 200, 225, 250],
		['un-r48-fog', 400, 10, 150, 175, 200],
		['un-r48-fog', 900, 10, 200, 225, 250],
		['periodic-low-beam', 850, 10, 50, 125, 200],
		['periodic-low-beam', 900, 10, 125, 200, 275],
		['us-vol', 700, 7.62, 26.6, 53.2, 79.8],
		['us-vor', 700, 7.62, -26.6, 0, 26.6],
		['workshop-25-ft', 700, 7.62, 50.8, 76.2, 101.6],
		['high-beam', 700, 10, 0, 0, 0]
	])('%s, %d mm high, wall at %d m', (rule, height, distance, least, drop, most) => {
		const found = at(rule, height, distance);
		expect([found.dropMin, found.drop, found.dropMax].map((mm) => Math.round(mm * 10) / 10 + 0)).toEqual([
			least,
			drop,
			most
		]);
	});

	it('VOL and VOR: 2.1 in under lamp height at 25 ft, and at lamp height', () => {
		expect(at('us-vol', 700, 7.62).drop / 25.4).toBeCloseTo(2.1, 1);
		expect(at('us-vor', 700, 7.62).drop).toBe(0);
	});

	it('grows with the distance, and the figure beside the headlamp goes first', () => {
		for (const { id, bands } of AIM_RULES) {
			const height = [650, 900, 1300].find((mm) => bands.some((band) => band.holds(mm)))!;
			const [near, far] = [at(id, height, 5), at(id, height, 10)];
			expect(far.drop).toBeCloseTo(2 * near.drop, 9);
			expect(near.dropMin).toBeLessThanOrEqual(near.drop);
			expect(near.drop).toBeLessThanOrEqual(near.dropMax);
		}
		expect(at('un-r48-low-beam', 650, 10, { stamped: 1.2 })).toMatchObject({ drop: 120, dropMin: 100, dropMax: 150 });
	});

	it('marks stand from the centre line and the floor, and the beam rises to the side of the traffic', () => {
		const found = at('un-r48-low-beam', 650, 10, { spread: 1100 });
		expect(found.marks).toEqual([
			{ lamp: 'left', x: -550, y: 525 },
			{ lamp: 'right', x: 550, y: 525 }
		]);
		expect(found.rises).toBe('right');
		expect(at('un-r48-low-beam', 650, 10, { traffic: 'left' }).rises).toBe('left');
		expect(at('un-r48-low-beam', 650, 10).assumed[0]).toContain(`${USUAL_SPREAD} mm`);
	});

	it.each([
		[{ rule: 'x' }, 'Known: un-r48-low-beam'],
		[{ distance: 0 }, 'more than 0 m'],
		[{ distance: 500 }, 'not credible'],
		[{ height: 65 }, '200 to 2000 mm'],
		[{ height: NaN }, '200 to 2000 mm'],
		[{ rule: 'un-r48-low-beam-off-road', height: 700 }, 'says nothing of a lamp 0.7 m over the floor'],
		[{ stamped: 12 }, '0 to 4 %'],
		[{ spread: -1 }, '0 to 3000 mm']
	])('refuses %o in one sentence', (more, words) => {
		const found = aim({ rule: 'un-r48-low-beam', height: 650, distance: 10, traffic: 'right', ...more });
		expect(found.ok ? '' : found.error).toContain(words);
	});
});

describe('a measured cut-off', () => {
	it.each([
		[125, true, 'inside its range'],
		[100, true, 'inside its range'],
		[60, false, 'too high, it dazzles; lower it by 65 mm'],
		[-20, false, '0.2 % up: too high'],
		[240, false, 'too low, it shortens the view; raise it by 115 mm']
	])('%d mm under lamp height', (drop, isWithin, words) => {
		const reading = readAim(at('un-r48-low-beam', 650, 10), drop, 10);
		expect(reading.isWithin).toBe(isWithin);
		expect(reading.words).toContain(words);
	});
});
