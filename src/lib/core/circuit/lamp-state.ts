import type { Product } from '../model';
import type { FunctionId } from '../lamps';
import { flickerOf, type Flicker } from './flicker';
import { TURN_ON_V, turnOnOf } from './lamp-parts';
import type { Element } from './network';
import type { LampTap } from './network/vehicle';
import { dutyOf, OFF, type Run } from './run';
import type { VehicleCircuit } from './vehicle-circuit';

/** A lamp function in a mode. */
export interface LampState {
	socket: string;
	function: FunctionId;
	channel: string;
	/** True while its own output is on and reaches it. */
	fed: boolean;
	/** Null when what sits there is not known. */
	lit: boolean | null;
	/** Light relative to its full light, 0 to 1.5. */
	level: number;
	/** True when it comes and goes with the flasher. */
	flashing: boolean;
	flicker: Flicker;
	/** Light while its channel is off: from cold-check pulses, or fed back through a bad earth. */
	glow: 'none' | 'pulses' | 'back-feed';
	/** Current of its light, a built-in load apart, A. */
	amperes: number;
	product: Product | null;
}

/** Light below this share of full is not seen while a lamp is on. */
const SEEN = 0.02;
/**
 * Light above this share of full shows as a glow in the dark. A filament at a fifth of its voltage still draws 0.4 of its current and gives
 * 0.005 of its light; an LED shows a thousandth. Assumptions.
 */
const GLOWS = { filament: 0.005, led: 0.001 } as const;
/** Exponent of a filament's light over its voltage, and the most it is taken for. */
const LIGHT_EXPONENT = 3.4;
const MAX_LIGHT = 1.5;
/** A load below this in parallel drains what a cold check pulses into an LED, ohm (bleed resistors are 220 to 2200). */
const DRAINS_OHMS = 470;

const STEADY: Flicker = { word: 'steady', modulation: null, limit: null };
const isLed = ({ product }: LampTap) => product !== null && product.kind !== 'halogen';

/** What shines in a lamp just now: its current, A, and its light as a share of full while it is fed. */
interface Shining {
	amperes: number;
	share: number;
	kind: keyof typeof GLOWS;
}

const NOTHING: Shining = { amperes: 0, share: 0, kind: 'filament' };

/** Light of one element as a share of full: a filament's goes with the 3.4th power of its voltage, an LED's with the power it takes. */
function shareOf(element: Element, { volts, amperes }: { volts: number; amperes: number }): number {
	if (element.kind === 'filament') return Math.min(MAX_LIGHT, (volts / element.ratedVolts) ** LIGHT_EXPONENT);
	return element.kind === 'led' ? Math.min(MAX_LIGHT, (amperes * volts) / element.watts) : 0;
}

function shiningIn({ elements, point }: Run, { elements: ids }: LampTap): Shining {
	let most = NOTHING;
	for (const id of ids ?? []) {
		const element = elements.get(id);
		if (!element || (element.kind !== 'filament' && element.kind !== 'led')) continue;
		const amperes = Math.abs(point.amperes.get(id) ?? 0);
		const volts = Math.abs((point.volts.get(element.from) ?? 0) - (point.volts.get(element.to) ?? 0));
		const share = shareOf(element, { volts, amperes });
		if (share >= most.share) most = { amperes, share, kind: element.kind };
	}
	return most;
}

/** Pulses dim an LED by their share of the time, a filament by its effective voltage. */
function levelOf({ share, kind }: Shining, duty: number): number {
	return kind === 'led' ? share * duty : share * Math.sqrt(duty) ** LIGHT_EXPONENT;
}

function glowOf(
	circuit: VehicleCircuit,
	lamp: LampTap,
	{ on, shining }: { on: boolean; shining: Shining }
): LampState['glow'] {
	if (on || lamp.elements === null) return 'none';
	if (shining.share > GLOWS[shining.kind]) return 'back-feed';
	const channel = circuit.channels.get(lamp.channel);
	if (!isLed(lamp) || channel?.monitor?.kind !== 'cold') return 'none';
	const ohms = circuit.coldOhms(channel);
	return ohms !== null && ohms > DRAINS_OHMS ? 'pulses' : 'none';
}

/** Whether a lamp is lit; null when that cannot be known. A sealed unit has a driver of its own: it lights with its channel, as far as anybody knows. */
function isLit(run: Run, lamp: LampTap, { on, level }: { on: boolean; level: number }): boolean | null {
	if (lamp.elements === null) return lamp.missing === null ? on : on ? null : false;
	if (!run.settled) return lamp.elements.length === 0 ? false : null;
	return level > SEEN;
}

/** What a lamp function does in a mode. */
export function lampState(circuit: VehicleCircuit, run: Run, lamp: LampTap): LampState {
	const channel = circuit.channels.get(lamp.channel);
	const drive = run.drives.get(lamp.channel) ?? OFF;
	const on = drive.functions.length > 0 && !run.blown.has(lamp.channel) && lamp.connected;
	const shining = run.settled ? shiningIn(run, lamp) : NOTHING;
	const farads = circuit.smoothing(lamp.socket);
	const shines = on && shining.share > GLOWS[shining.kind];
	const flicker =
		shines && isLed(lamp) && channel
			? flickerOf(channel, drive.functions, {
					startUp: lamp.product?.startUp,
					amperes: shining.amperes,
					farads,
					volts: run.volts,
					turnOn: lamp.product ? turnOnOf(lamp.product) : TURN_ON_V
				})
			: STEADY;
	// A smoothing module charges to the peak, so that a dimmed feed looks like a full one.
	const duty = channel && farads === null ? dutyOf(channel, drive) : 1;
	const level = shines && flicker.word !== 'drops-out' ? levelOf(shining, duty) : 0;
	const sealed = lamp.elements === null && lamp.missing === null;
	return {
		socket: lamp.socket,
		function: lamp.function,
		channel: lamp.channel,
		fed: on,
		lit: isLit(run, lamp, { on, level }),
		level: sealed && on ? 1 : level,
		flashing: on && drive.flashing,
		flicker,
		glow: run.settled ? glowOf(circuit, lamp, { on, shining }) : 'none',
		amperes: shining.amperes,
		product: lamp.product
	};
}
