import { VOLTS_NOMINAL } from '../../quantity';

/** A point of a network. Everything is measured against `GROUND`. */
export type Node = string;
export const GROUND: Node = 'ground';

/** What an element is. */
export type Part =
	| { kind: 'resistor'; ohms: number }
	/** A hot filament by its rating. */
	| { kind: 'filament'; watts: number; ratedVolts: number }
	/** An LED driver: constant power above its turn-on voltage; `both` ways round when it has a rectifier. */
	| { kind: 'led'; watts: number; turnOn: number; bothWays: boolean }
	/** A supply behind the resistance of fuse and wire: it lifts `from` against `to`. */
	| { kind: 'source'; volts: number; ohms: number };

/** A part between two nodes; current counts from `from` to `to` through it. */
export type Element = Part & { id: string; from: Node; to: Node };

/** Current through a part, A, and how it grows with the voltage across it, S. */
export interface Drawn {
	amperes: number;
	siemens: number;
}

/** Width over which an LED comes on, V; a step has no slope to follow. */
const RAMP_V = 0.4;
/** Keeps the slope of a filament finite at no voltage, as a share of its rating. */
const SOFT = 0.002;

function filament(watts: number, ratedVolts: number, volts: number): Drawn {
	const nominal = watts / ratedVolts;
	const u = volts / ratedVolts;
	const base = u * u + SOFT * SOFT;
	const power = base ** -0.225;
	return { amperes: nominal * u * power, siemens: (nominal / ratedVolts) * power * (1 - (0.45 * u * u) / base) };
}

function led(watts: number, turnOn: number, volts: number): Drawn {
	if (volts <= turnOn - RAMP_V) return { amperes: 0, siemens: 0 };
	if (volts < turnOn) {
		const full = watts / turnOn;
		const share = (volts - (turnOn - RAMP_V)) / RAMP_V;
		return { amperes: full * share, siemens: full / RAMP_V };
	}
	return { amperes: watts / volts, siemens: -watts / (volts * volts) };
}

/**
 * Current of a part at a voltage across it.
 * A filament follows `I = (P/V0)(V/V0)^0.55`, an LED draws constant power from its turn-on voltage up and nothing below.
 * @param volts potential of `from` above `to`, V
 */
export function drawn(part: Part, volts: number): Drawn {
	switch (part.kind) {
		case 'resistor':
			return { amperes: volts / part.ohms, siemens: 1 / part.ohms };
		case 'filament':
			return filament(part.watts, part.ratedVolts, volts);
		case 'led': {
			if (volts >= 0) return led(part.watts, part.turnOn, volts);
			if (!part.bothWays) return { amperes: 0, siemens: 0 };
			const back = led(part.watts, part.turnOn, -volts);
			return { amperes: -back.amperes, siemens: back.siemens };
		}
		case 'source':
			return { amperes: (volts - part.volts) / part.ohms, siemens: 1 / part.ohms };
		default:
			return part satisfies never;
	}
}

/** Voltages at which the law of a part bends, V: where an LED begins to light, and where it is lit. Empty where it never does. */
export function bendsOf(part: Part): number[] {
	if (part.kind !== 'led') return [];
	const bends = [part.turnOn - RAMP_V, part.turnOn];
	return part.bothWays ? [...bends, ...bends.map((volts) => -volts)] : bends;
}

/** A resistor that takes a power at the nominal supply, as a built-in load is stated. @example loadResistor(13.5) // 13.5 ohm */
export function loadResistor(watts: number): Part {
	return { kind: 'resistor', ohms: VOLTS_NOMINAL ** 2 / watts };
}
