import { describe, expect, it } from 'vitest';
import { GROUND, type Element } from './element';
import { solve } from './solve';

const FED: Element[] = [
	{ id: 'supply', from: 'a', to: GROUND, kind: 'source', volts: 12, ohms: 0.005 },
	{ id: 'load', from: 'a', to: GROUND, kind: 'resistor', ohms: 6 }
];
/** A dark LED ties a second part on, whose own wire leads nowhere. */
const DARK: Element[] = [
	...FED,
	{ id: 'dark', from: 'b', to: 'a', kind: 'led', watts: 3, turnOn: 9, bothWays: false },
	{ id: 'wire', from: 'b', to: 'c', kind: 'resistor', ohms: 0.005 }
];

describe('a part that nobody feeds', () => {
	it('has no current, and spoils nothing beside it: 12 / 6.005 = 1.998 A', () => {
		const { amperes, residual } = solve(DARK);
		expect(amperes.get('load')).toBeCloseTo(12 / 6.005, 3);
		expect(Math.abs(amperes.get('wire') ?? NaN)).toBeLessThan(1e-6);
		expect(residual).toBeLessThan(1e-6);
	});

	it('is told from one that cannot be worked out: a supply without resistance leaves a residual', () => {
		const short = FED.map((e) => (e.id === 'supply' ? { ...e, ohms: 0 } : e)) as Element[];
		expect(solve(short).residual).not.toBeLessThan(1e-3);
	});
});
