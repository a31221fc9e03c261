import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import {
	capFactor,
	capState,
	HEAT_ASSUMPTIONS,
	HEAT_DEFAULTS,
	heatLevel,
	heatMargins,
	resistanceId,
	secondsUntil,
	steadyTemperature,
	temperatureAfter
} from '.';
import { assume } from '../quantity';

describe('heat', () => {
	it('adds power x duty x resistance x cap to the air around: 45 + 3 x 1 x 16 x 1 = 93 C', () => {
		expect(steadyTemperature({ ambient: 45, watts: 3, duty: 1, resistance: 16, cap: 1 })).toBe(93);
	});

	it('a sealed cap counts 1.6, and a headlamp of which nothing is said is taken as sealed', () => {
		const factor = (...of: Parameters<typeof capState>) => capFactor(capState(...of), HEAT_DEFAULTS);
		expect(factor({ kind: 'stock-sealed' }, 'flange')).toBe(1.6);
		expect(factor(undefined, 'flange')).toBe(1.6);
		expect(factor({ kind: 'none' }, 'flange')).toBe(1);
		expect(factor(undefined, 'wedge')).toBe(1);
	});

	it('a 16 mm wedge has the body of a bayonet lamp', () => {
		const resistance = (lamp: Parameters<typeof resistanceId>[0]) => HEAT_DEFAULTS[resistanceId(lamp)];
		expect(resistance({ mount: 'wedge', diameter: 16, cooling: 'none' })).toBe(16);
		expect(resistance({ mount: 'wedge', diameter: 10.3, cooling: undefined })).toBe(40);
	});

	it('a shop may set its own assumptions; what it does not set keeps its default', () => {
		const own = assume(HEAT_ASSUMPTIONS, { 'heat.spare': { value: 30, source: 'ten lamps measured' } });
		expect([heatLevel(85, 100), heatLevel(85, 100, heatMargins(own))]).toEqual(['pass', 'unknown']);
		expect(own['heat.over']).toBe(HEAT_DEFAULTS['heat.over']);
	});

	it('rises with one time constant: 63 % after one, half after ln 2 of it', () => {
		const body = { ambient: 40, watts: 10, duty: 1, resistance: 10, cap: 1 };
		expect(temperatureAfter(body, 100, 0)).toBe(40);
		expect(temperatureAfter(body, 100, 100)).toBeCloseTo(40 + 100 * (1 - 1 / Math.E), 9);
		expect(secondsUntil(body, 100, 90)).toBeCloseTo(100 * Math.LN2, 9);
		expect([secondsUntil(body, 100, 140), secondsUntil(body, 100, 30)]).toEqual([null, 0]);
	});

	it('the time to a temperature and the temperature at that time agree', () => {
		const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });
		fc.assert(
			fc.property(
				real(0, 80),
				real(0.1, 60),
				real(0.1, 40),
				real(10, 900),
				real(0.01, 0.95),
				(ambient, watts, resistance, tau, share) => {
					const body = { ambient, watts, duty: 1, resistance, cap: 1 };
					const limit = ambient + share * (steadyTemperature(body) - ambient);
					const seconds = secondsUntil(body, tau, limit);
					expect(temperatureAfter(body, tau, seconds ?? NaN)).toBeCloseTo(limit, 6);
				}
			)
		);
	});
});
