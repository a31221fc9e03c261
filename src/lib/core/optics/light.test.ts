import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeProduct } from '../../../../tests/support/make';
import { LENSES } from '../model';
import { categoryOrNull } from '../lamps';
import {
	filamentSource,
	ledSource,
	rememberingLens,
	deratedFlux,
	sourceKey,
	spectrumOf,
	throughLens,
	transmittance,
	WAVELENGTHS,
	type Source
} from '.';

describe('lenses', () => {
	it.each(LENSES)('%s lets through between nothing and everything at each wavelength', (lens) => {
		const curve = transmittance(lens);
		expect(curve).toHaveLength(WAVELENGTHS.length);
		for (const value of curve) {
			expect(value).toBeGreaterThanOrEqual(0);
			expect(value).toBeLessThanOrEqual(1);
		}
	});

	it('a red lens holds back blue and green, an amber one only blue', () => {
		const at = (lens: 'red' | 'amber', nm: number) => transmittance(lens)[WAVELENGTHS.indexOf(nm)]!;
		expect(at('red', 450)).toBeLessThan(0.01);
		expect(at('red', 550)).toBeLessThan(0.01);
		expect(at('red', 650)).toBeGreaterThan(0.8);
		expect(at('amber', 450)).toBeLessThan(0.01);
		expect(at('amber', 590)).toBeGreaterThan(0.6);
	});
});

describe('sources', () => {
	const any: fc.Arbitrary<Source> = fc.oneof(
		fc.record({ kind: fc.constant('halogen' as const), kelvin: fc.integer({ min: 2200, max: 4500 }) }),
		fc.record({ kind: fc.constant('led-white' as const), kelvin: fc.integer({ min: 2500, max: 9000 }) }),
		fc.record({ kind: fc.constant('led-amber' as const), peak: fc.integer({ min: 580, max: 600 }) }),
		fc.record({ kind: fc.constant('led-red' as const), peak: fc.integer({ min: 615, max: 640 }) })
	);

	it('have no negative light, and keep a colour and a share of it behind any lens', () => {
		fc.assert(
			fc.property(any, fc.constantFrom(...LENSES), (source, lens) => {
				for (const power of spectrumOf(source)) expect(power).toBeGreaterThanOrEqual(0);
				const seen = throughLens(source, lens);
				expect(seen.x + seen.y).toBeLessThan(1.0001);
				expect(seen.transmittance).toBeGreaterThan(0);
				expect(seen.transmittance).toBeLessThanOrEqual(1);
			})
		);
	});

	it('are remembered as they are worked out', () => {
		const through = rememberingLens();
		fc.assert(
			fc.property(any, fc.constantFrom(...LENSES), (source, lens) => {
				expect(through(source, lens)).toEqual(throughLens(source, lens));
				expect(through({ ...source }, lens)).toBe(through(source, lens));
				expect(sourceKey({ ...source })).toBe(sourceKey(source));
			})
		);
	});

	it.each([
		[
			{ kind: 'white', cct: 5000 },
			{ kind: 'led-white', kelvin: 5000 }
		],
		[{ kind: 'white' }, null],
		[
			{ kind: 'amber', peak: 592 },
			{ kind: 'led-amber', peak: 592 }
		],
		[
			{ kind: 'amber', peak: 598, phosphor: true },
			{ kind: 'led-amber-phosphor', peak: 598 }
		],
		[{ kind: 'amber' }, null],
		[{ kind: 'red' }, null],
		[{ kind: 'selective-yellow' }, { kind: 'led-selective-yellow', peak: undefined }],
		[undefined, null]
	])('the colour %j of a product is the source %j', (colour, source) => {
		expect(ledSource(makeProduct({ colour }).colour)).toEqual(source);
	});

	it('a filament shines through its own glass: amber glass takes light and makes amber', () => {
		expect(filamentSource(categoryOrNull('PY21W')!)).toEqual({ kind: 'halogen', kelvin: 2856, glass: 'amber' });
		expect(filamentSource(categoryOrNull('H7')!)).toEqual({ kind: 'halogen', kelvin: 3200, glass: 'clear' });
		const { x, y } = throughLens(filamentSource(categoryOrNull('PY21W')!), 'none');
		expect([x, y].map((v) => v.toFixed(3))).toEqual(['0.596', '0.402']);
	});
});

describe('deratedFlux', () => {
	it.each([
		['a measurement stands', { measured: 80, claimed: 500 }, 80, 'measured'],
		['a claim per lamp within reason stands', { claimed: 200, per: 'lamp' }, 200, 'claimed'],
		['a claim per pair is halved', { claimed: 400, per: 'pair' }, 200, 'claimed'],
		['more than 100 lm per watt is cut', { claimed: 900, per: 'lamp' }, 260, 'capped']
	])('%s', (_, flux, lumens, basis) => {
		expect(deratedFlux(makeProduct({ flux, power: { at13v5: 2.6 } }))).toEqual({ lumens, basis });
	});

	it('without power the claim cannot be weighed, without a claim there is nothing', () => {
		expect(deratedFlux(makeProduct({ flux: { claimed: 900 }, power: undefined }))?.basis).toBe(
			'claimed, power unknown'
		);
		expect(deratedFlux(makeProduct({ flux: undefined }))).toBeNull();
	});
});
