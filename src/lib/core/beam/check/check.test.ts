import { describe, expect, it } from 'vitest';
import { assumedForChecks, beamCheck, CHECK_RULES, type BeamEvidence } from '.';

const ASSUMED = assumedForChecks(undefined);
const light = (after: object, before: object = { below: 100, above: 2, 'hot-spot': 400 }): BeamEvidence['light'] => ({
	before: { points: before, distance: 10 },
	after: { points: after, distance: 10 }
});
const GOOD: BeamEvidence = {
	hasCutOff: true,
	light: light({ below: 120, above: 2.4, 'hot-spot': 500 }),
	pictures: { comparable: true, tilt: 0.4, rise: 0.05 },
	aim: { rule: 'un-r48-low-beam', height: 650, distance: 10, drop: 120 },
	by: 'M. Fenn'
};

const outcome = (more: Partial<BeamEvidence>) => {
	const { outcome: found, rules } = beamCheck({ ...GOOD, ...more }, ASSUMED);
	return [found, ...rules.filter(({ isMet }) => isMet !== true).map(({ id }) => id)];
};

describe('the beam check', () => {
	it.each<[string, Partial<BeamEvidence>, string[]]>([
		['all rules met', {}, ['proved']],
		['less light under the cut-off', { light: light({ below: 97, above: 2 }) }, ['failed', 'below']],
		['as much, to what a meter shows', { light: light({ below: 99.6, above: 2 }) }, ['proved']],
		['1.3 times over the cut-off', { light: light({ below: 120, above: 2.6 }) }, ['proved']],
		['1.35 times over the cut-off', { light: light({ below: 120, above: 2.7 }) }, ['failed', 'above']],
		['nothing measured over it', { light: light({ below: 120 }) }, ['open', 'above']],
		[
			'dark over it before, and light now',
			{ light: light({ below: 120, above: 1 }, { below: 100, above: 0 }) },
			['open', 'above']
		],
		['no light measured at all', { light: undefined }, ['open', 'below', 'above']],
		['leaning 1.4 degrees', { pictures: { comparable: true, tilt: -1.4, rise: 0 } }, ['failed', 'tilted']],
		['the cut-off lost', { pictures: { comparable: true, tilt: null, rise: null } }, ['failed', 'tilted']],
		[
			'pictures that do not compare',
			{ pictures: { comparable: false, tilt: 3, rise: 1 } },
			['open', 'pictures', 'tilted']
		],
		['risen, and aimed since', { pictures: { comparable: true, tilt: 0, rise: 0.6 } }, ['proved']],
		[
			'risen, and not aimed',
			{ pictures: { comparable: true, tilt: 0, rise: 0.6 }, aim: undefined },
			['failed', 'raised', 'aim']
		],
		['aimed too high', { aim: { ...GOOD.aim!, drop: 60 } }, ['failed', 'aim']],
		['aimed by a rule nobody knows', { aim: { ...GOOD.aim!, rule: 'x' } }, ['open', 'aim']],
		['unsigned', { by: ' ' }, ['open', 'signed']]
	])('%s', (_, more, expected) => {
		expect(outcome(more)).toEqual(expected);
	});

	it('a high beam of its own has no cut-off to look at: its hot spot, its aim and a name', () => {
		const aim = { rule: 'high-beam', height: 650, distance: 10, drop: 0 };
		expect(outcome({ hasCutOff: false, pictures: undefined, aim })).toEqual(['proved']);
		expect(outcome({ hasCutOff: false, pictures: undefined, aim, light: light({ 'hot-spot': 300 }) })).toEqual([
			'failed',
			'hot-spot'
		]);
	});

	it('nothing at all is never a pass', () => {
		for (const hasCutOff of [true, false]) {
			const { outcome: found, rules } = beamCheck({ hasCutOff }, ASSUMED);
			expect(found).toBe('open');
			expect(rules.every(({ isMet }) => isMet === null)).toBe(true);
		}
		expect(new Set(CHECK_RULES.map(({ id }) => id)).size).toBe(CHECK_RULES.length);
	});

	it('takes the limits a shop has set', () => {
		const strict = assumedForChecks({ 'proof.above': { value: 1.1, source: 'ours' } });
		expect(beamCheck(GOOD, strict).outcome).toBe('failed');
	});
});
