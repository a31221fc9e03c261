import { mayCarry } from '../../circuit';
import type { AccessoryStrategy } from '../strategy';

/** A resistance in parallel to the lamps of an output; `minutes` and `label` tell a bare resistor from a made-up harness. */
const loadOf = (label: string, minutes: number): AccessoryStrategy => ({
	label,
	answers: ({ resistance: ohms, rating }, need) =>
		need.kind === 'load' && !!ohms && rating !== undefined && mayCarry({ ohms, rating, duty: need.duty }),
	effect: ({ resistance: ohms }) => (ohms ? { kind: 'load', ohms } : null),
	minutes,
	consumedBy: 'load',
	caution: 'It passes 100 C: bolt it to bare metal, 50 mm from plastic, hose and wire; never tape it to a loom.'
});

export const resistor = loadOf('load resistor', 20);
export const loadHarness = loadOf('load harness', 10);
