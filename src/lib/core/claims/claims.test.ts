import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { judgeIn, makeConfiguration, makeProduct, STOP_SOCKET } from '../../../../tests/support/make';
import { demoDocument } from '../../../../tests/support/demo';
import { implausibleFacts, plausible, readClaims, type ClaimReading } from '.';

const levels = (more: object) => readClaims(makeProduct(more)).map(({ claim, level }) => `${level} ${claim}`);
const reading = (more: object, claim: ClaimReading['claim']) =>
	readClaims(makeProduct(more)).find((r) => r.claim === claim);

describe('a maker’s claims', () => {
	it.each([
		[{ flux: { claimed: 130, per: 'lamp' }, power: { at13v5: 2.6 } }, 'plausible flux'],
		[{ flux: { claimed: 300, per: 'lamp' }, power: { at13v5: 2.6 } }, 'doubtful flux'],
		[{ flux: { claimed: 20000, per: 'pair' }, power: { at13v5: 25 } }, 'not-credible flux'],
		[{ flux: { claimed: 300, per: 'lamp' }, power: undefined }, 'doubtful flux'],
		[{ flux: { claimed: 300, per: 'pair' } }, 'doubtful flux-per'],
		[{ flux: { claimed: 300 } }, 'doubtful flux-per'],
		[{ life: 30000 }, 'plausible life'],
		[{ life: 100000 }, 'doubtful life'],
		[{ ip: 'IP67' }, 'plausible ingress'],
		[{ ip: 'IP6X' }, 'plausible ingress'],
		[{ ip: 'waterproof' }, 'doubtful ingress'],
		[{ name: 'Fits all cars' }, 'not-credible fits'],
		[{ fits: ['H7', 'P21W', 'W5W', 'C5W'] }, 'doubtful fits'],
		[{ limit: undefined }, 'missing data']
	])('%o: %s', (more, wanted) => {
		expect(levels(more)).toContain(wanted);
	});

	it('an honest lamp has nothing to doubt', () => {
		expect(levels({})).toEqual(['plausible flux', 'plausible ingress']);
	});

	it('a pair is half as much a lamp, and the derated figure is never above the claim', () => {
		expect(reading({ flux: { claimed: 3000, per: 'pair' } }, 'flux-per')?.derated).toBe('1500 lm per lamp');
		expect(reading({ flux: { claimed: 20000, per: 'pair' }, power: { at13v5: 25 } }, 'flux')?.derated).toBe(
			'2500 lm per lamp (capped)'
		);
	});

	it('a larger claim at the same power is never more credible', () => {
		const ORDER = ['plausible', 'doubtful', 'not-credible'];
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 1, max: 5000 }), (a, b) => {
				const level = (claimed: number) =>
					reading({ flux: { claimed, per: 'lamp' }, power: { at13v5: 10 } }, 'flux')?.level ?? '';
				const [less, more] = [Math.min(a, b), Math.max(a, b)];
				expect(ORDER.indexOf(level(less))).toBeLessThanOrEqual(ORDER.indexOf(level(more)));
			})
		);
	});

	it('the demo has honest and dishonest ones', () => {
		const all = demoDocument().products.flatMap(readClaims);
		for (const level of ['plausible', 'doubtful', 'not-credible']) expect(all.map((r) => r.level)).toContain(level);
	});
});

describe('facts that cannot be so', () => {
	it.each([
		['a length of nothing', { size: { frontLength: 0, frontDiameter: 24 } }, 'size.frontLength'],
		['a light centre beyond the lamp', { size: { frontLength: 20, lightCentre: 30 } }, 'size.lightCentre'],
		['1000 lm measured from 2 W', { flux: { measured: 1000 }, power: { at13v5: 2 } }, 'flux.measured'],
		['a dim mode that draws more', { power: { at13v5: 2, minor: 3 } }, 'power.minor'],
		['one mode and two', { modes: ['single', 'dual'] }, 'modes']
	])('%s counts as not known, and the claims say so', (_, more, path) => {
		const product = makeProduct(more);
		expect(implausibleFacts(product).map((fact) => fact.path)).toEqual([path]);
		expect(readClaims(product).find((claim) => claim.claim === 'data')).toMatchObject({ level: 'not-credible' });
		// A lamp for one function is not asked for its dim mode.
		if (path !== 'power.minor')
			expect(judgeIn(makeConfiguration([STOP_SOCKET]), product).verdict).not.toMatch(/fits|parts/);
		expect(judgeIn(makeConfiguration([STOP_SOCKET]), product).product).toBe(product);
	});

	it('a product in order stays the very same one', () => {
		const product = makeProduct();
		expect(plausible(product)).toBe(product);
	});
});
