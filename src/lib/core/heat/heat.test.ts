import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import {
	bodyResistance,
	capFactor,
	capState,
	HEAT_ASSUMPTIONS,
	HEAT_DEFAULTS,
	heatLevel,
	loadHeat,
	pulsedDuty,
	secondsUntil,
	staysCool,
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

	it('the body decides the range: W5W 18 to 35 K/W, W16W 12 to 24, W21W and P21W 8 to 16, R5W 15 to 28', () => {
		const range = (lamp: Parameters<typeof bodyResistance>[0]) => bodyResistance(lamp, undefined, HEAT_DEFAULTS);
		expect(range({ mount: 'wedge', diameter: 10.3 })).toEqual({ low: 18, middle: 25, high: 35 });
		expect(range({ mount: 'wedge', diameter: 16 })).toEqual({ low: 12, middle: 17, high: 24 });
		expect(range({ mount: 'wedge', diameter: 20.3 })).toEqual({ low: 8, middle: 12, high: 16 });
		expect(range({ mount: 'bayonet', diameter: 26.5 })).toEqual({ low: 8, middle: 12, high: 16 });
		expect(range({ mount: 'bayonet', diameter: 19 })).toEqual({ low: 15, middle: 20, high: 28 });
	});

	it('passes when the hot end stays under, refuses when even the cool end is over, and is not known between', () => {
		expect(heatLevel({ low: 60, middle: 70, high: 85 }, 85)).toBe('pass');
		expect(heatLevel({ low: 60, middle: 70, high: 86 }, 85)).toBe('unknown');
		expect(heatLevel({ low: 86, middle: 99, high: 120 }, 85)).toBe('refuse');
	});

	it('a load of 6 ohm flashing at 14.4 V comes to 25 + 17.3 W x 7 = 146 C of 150, one lit steadily to 267 C', () => {
		expect(steadyTemperature(loadHeat({ ohms: 6, volts: 14.4, duty: 0.5 }).heat)).toBeCloseTo(25 + 17.28 * 7, 6);
		expect(staysCool({ ohms: 6, volts: 14.4, duty: 0.5 })).toBe(true);
		expect(staysCool({ ohms: 5, volts: 14.4, duty: 0.5 })).toBe(false);
		expect(staysCool({ ohms: 6, volts: 14.4, duty: 1 })).toBe(false);
	});

	it('pulses count for the top of their ripple: half of a flash of 0.7 s in a body of 90 s for 0.501', () => {
		expect(pulsedDuty(0.5, 60 / 85, 90)).toBeCloseTo(0.501, 3);
		expect(pulsedDuty(1, 60 / 85, 90)).toBeCloseTo(1, 9);
	});

	it('a shop may set its own assumptions; what it does not set keeps its default', () => {
		const own = assume(HEAT_ASSUMPTIONS, {
			'heat.resistance.small-wedge.high': { value: 30, source: 'ten lamps measured' }
		});
		expect(bodyResistance({ mount: 'wedge', diameter: 10.3 }, 'none', own)).toEqual({ low: 18, middle: 25, high: 30 });
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
