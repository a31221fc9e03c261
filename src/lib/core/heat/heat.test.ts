import { describe, expect, it } from 'vitest';
import { capFactor, steadyTemperature, thermalResistance } from '.';

describe('heat', () => {
	it('adds power x duty x resistance x cap to the air around: 45 + 3 x 1 x 16 x 1 = 93 C', () => {
		expect(steadyTemperature({ ambient: 45, watts: 3, duty: 1, resistance: 16, cap: 1 })).toBe(93);
	});

	it('a sealed cap counts 1.6, and a headlamp of which nothing is said is taken as sealed', () => {
		expect(capFactor({ kind: 'stock-sealed' }, 'flange')).toBe(1.6);
		expect(capFactor(undefined, 'flange')).toBe(1.6);
		expect(capFactor({ kind: 'none' }, 'flange')).toBe(1);
		expect(capFactor(undefined, 'wedge')).toBe(1);
	});

	it('a 16 mm wedge has the body of a bayonet lamp', () => {
		expect(thermalResistance({ mount: 'wedge', diameter: 16, cooling: 'none' })).toBe(16);
		expect(thermalResistance({ mount: 'wedge', diameter: 10.3, cooling: undefined })).toBe(40);
	});
});
