import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeConfiguration, makeProduct, STOP_SOCKET } from '../../../../tests/support/make';
import { categoryOrNull } from '../lamps';
import {
	monitorThreshold,
	filamentCurrent,
	ledCurrent,
	mayCarry,
	sizeResistor,
	smoothingHelps,
	stockColdConductance,
	stockCurrent
} from '.';

const p21w = categoryOrNull('P21W')!;
const p215w = categoryOrNull('P21/5W')!;

describe('currents', () => {
	it('a 21 W filament draws about 1.87 A at 13.5 V: 21/12 x (13.5/12)^0.55', () => {
		expect(filamentCurrent({ watts: 21, ratedVolts: 12 })).toBeCloseTo(1.75 * 1.125 ** 0.55, 6);
		expect(stockCurrent(p21w, 'major')).toBeCloseTo(1.867, 2);
	});

	it('the minor filament of P21/5W is the 5 W one', () => {
		expect(stockCurrent(p215w, 'minor')).toBeCloseTo((5 / 12) * 1.125 ** 0.55, 6);
	});

	it('an LED draws its power over 13.5 V, a built-in load on top', () => {
		expect(ledCurrent(makeProduct({ power: { at13v5: 2.7 } }), 'major')).toBeCloseTo(0.2, 6);
		expect(ledCurrent(makeProduct({ power: { at13v5: 2.7 }, builtInLoad: 13.5 }), 'major')).toBeCloseTo(1.2, 6);
		expect(ledCurrent(makeProduct({ power: {} }), 'major')).toBeNull();
	});

	it('a cold 21 W filament is about 0.7 ohm, a tenth of hot', () => {
		expect(1 / stockColdConductance(p21w, 'major')!).toBeCloseTo(144 / 21 / 10, 6);
	});
});

describe('sizeResistor', () => {
	it('takes the highest stock value that draws enough: 2.6 A x 1.1 - 1.07 A = 1.79 A, 13.5 / 1.79 = 7.5, so 6 ohm', () => {
		expect(sizeResistor({ threshold: 2.6, present: 1.07, duty: 0.5 })).toEqual({
			ohms: 6,
			watts14v4: 14.4 ** 2 / 6,
			averageWatts: 14.4 ** 2 / 12,
			rating: 50
		});
	});

	it('is not needed when enough flows already', () => {
		expect(sizeResistor({ threshold: 1, present: 2, duty: 1 })).toBeNull();
	});

	it('always cures, and is always rated at twice its average heat or more', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.2, max: 3, noNaN: true }),
				fc.double({ min: 0, max: 2, noNaN: true }),
				(threshold, present) => {
					const size = sizeResistor({ threshold, present, duty: 0.5 });
					if (!size) return;
					expect(present + 13.5 / size.ohms).toBeGreaterThanOrEqual(threshold);
					expect(mayCarry({ ohms: size.ohms, rating: size.rating, duty: 0.5 })).toBe(true);
				}
			)
		);
	});

	it('a 50 W resistor of 6 ohm may flash, and may not burn steadily', () => {
		expect(mayCarry({ ohms: 6, rating: 50, duty: 0.5 })).toBe(true);
		expect(mayCarry({ ohms: 6, rating: 50, duty: 1 })).toBe(false);
	});
});

describe('monitorThreshold', () => {
	const channel = (monitor: Record<string, unknown>) => ({
		id: 'c',
		feeds: [{ socket: 'stop-L', function: 'stop' }],
		feed: { kind: 'steady' },
		monitor
	});
	const demand = (monitor: Record<string, unknown>, flasher?: Record<string, unknown>) => {
		const configuration = makeConfiguration([STOP_SOCKET], { channels: [channel(monitor)], flasher });
		return monitorThreshold(configuration, configuration.channels[0]!);
	};

	it.each([
		['no monitor', { kind: 'none' }, undefined, { kind: 'none' }],
		['hot', { kind: 'hot', minCurrent: 1.1 }, undefined, { kind: 'current', by: 'hot', atLeast: 1.1 }],
		['cold', { kind: 'cold', maxOhm: 80 }, undefined, { kind: 'conductance', atLeast: 1 / 80 }],
		[
			'the flasher of the vehicle',
			{ kind: 'flasher' },
			{ kind: 'plug-in', thresholdCurrent: 2.4 },
			{ kind: 'current', by: 'flasher', atLeast: 2.4 }
		]
	])('%s', (_, monitor, flasher, expected) => {
		expect(demand(monitor, flasher)).toEqual(expected);
	});

	it.each([{ kind: 'hot' }, { kind: 'cold' }, { kind: 'flasher' }])(
		'%o without its number is unknown, never content',
		(monitor) => {
			expect(demand(monitor).kind).toBe('unknown');
		}
	);
});

describe('smoothingHelps', () => {
	it('helps where pulses limit the voltage, not where they carry the brightness', () => {
		expect([0.9, 0.7, 0.6, 0.1].map(smoothingHelps)).toEqual([true, true, false, false]);
	});
});
