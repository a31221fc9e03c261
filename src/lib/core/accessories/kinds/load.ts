import { mayCarry } from '../../circuit';
import { staysCool } from '../../heat';
import { supplyOf } from '../../vehicle';
import type { AccessoryStrategy } from '../strategy';

/** True when a load bears a duty however long it lasts: by its rating, and by what its surface comes to. */
export function carries(load: { ohms: number; rating: number; duty: number; volts: number }): boolean {
	return mayCarry(load) && staysCool(load);
}

/** A resistance in parallel to the lamps of an output; `minutes` and `label` tell a bare resistor from a made-up harness. */
const loadOf = (label: string, minutes: number): AccessoryStrategy => ({
	label,
	answers: ({ resistance: ohms, rating }, need, configuration) =>
		need.kind === 'load' &&
		!!ohms &&
		rating !== undefined &&
		carries({ ohms, rating, duty: need.duty, volts: supplyOf(configuration).charging }),
	effect: ({ resistance: ohms }) => (ohms ? { kind: 'load', ohms } : null),
	minutes,
	hand: [
		'Across feed and earth of the lamp, on the vehicle’s side of its plug: polarity does not matter.',
		'Bolt it to bare metal that carries heat away, cable downwards; clean the metal with alcohol first.',
		'Tie its leads clear of the body of the load.'
	],
	consumedBy: 'load',
	caution: 'It passes 100 C: bolt it to bare metal, 50 mm from plastic, hose and wire; never tape it to a loom.'
});

export const resistor = loadOf('load resistor', 20);
export const loadHarness = loadOf('load harness', 10);
