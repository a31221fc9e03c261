import type { Product } from '../model';
import { categoryOrNull, type FunctionId } from '../lamps';
import { flickerOf, type Flicker } from './flicker';
import { TURN_ON_V } from './lamp-parts';
import type { LampTap } from './network/vehicle';
import { dutyOf, OFF, type Run } from './run';
import type { VehicleCircuit } from './vehicle-circuit';

/** A lamp function in a mode. */
export interface LampState {
	socket: string;
	function: FunctionId;
	channel: string;
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

/** Currents below this light nothing, A. */
const DARK_A = 1e-4;
/** Light below this share is not seen. */
const SEEN = 0.02;
/** Exponent of a filament's light over its voltage, and the most it is taken for. */
const LIGHT_EXPONENT = 3.4;
const MAX_LIGHT = 1.5;
/** A load below this in parallel drains what a cold check pulses into an LED, ohm (bleed resistors are 220 to 2200). */
const DRAINS_OHMS = 470;

const STEADY: Flicker = { word: 'steady', modulation: null, limit: null };
const isLed = ({ product }: LampTap) => product !== null && product.kind !== 'halogen';

/** Current of what shines in a lamp, A, and the voltage across it. */
function lightOf({ elements, point }: Run, lamp: LampTap): { amperes: number; across: number } {
	const shining = (lamp.elements ?? []).flatMap((id) => elements.get(id) ?? []).filter((e) => e.kind !== 'resistor');
	const amperes = shining.reduce((sum, e) => sum + Math.abs(point.amperes.get(e.id) ?? 0), 0);
	const [first] = shining;
	const across = first ? Math.abs((point.volts.get(first.from) ?? 0) - (point.volts.get(first.to) ?? 0)) : 0;
	return { amperes, across };
}

/** A filament shines with the 3.4th power of its effective voltage, an LED with the share of the time it is fed. */
function levelOf(circuit: VehicleCircuit, lamp: LampTap, { across, duty }: { across: number; duty: number }): number {
	if (isLed(lamp)) return duty;
	const socket = circuit.configuration.sockets.find((s) => s.id === lamp.socket);
	const rated = categoryOrNull(socket?.category)?.volts ?? 12;
	return Math.min(MAX_LIGHT, ((across * Math.sqrt(duty)) / rated) ** LIGHT_EXPONENT);
}

function glowOf(
	circuit: VehicleCircuit,
	lamp: LampTap,
	{ on, amperes }: { on: boolean; amperes: number }
): LampState['glow'] {
	if (on || lamp.elements === null) return 'none';
	if (amperes > DARK_A) return 'back-feed';
	const channel = circuit.channels.get(lamp.channel);
	if (!isLed(lamp) || channel?.monitor?.kind !== 'cold') return 'none';
	return circuit.coldOhms(channel) > DRAINS_OHMS ? 'pulses' : 'none';
}

/** What a lamp function does in a mode. */
export function lampState(circuit: VehicleCircuit, run: Run, lamp: LampTap): LampState {
	const channel = circuit.channels.get(lamp.channel);
	const drive = run.drives.get(lamp.channel) ?? OFF;
	const on = drive.functions.length > 0 && !run.blown.has(lamp.channel);
	const { amperes, across } = lightOf(run, lamp);
	const farads = circuit.smoothing(lamp.socket);
	const shines = on && amperes > DARK_A;
	const flicker =
		shines && isLed(lamp) && channel
			? flickerOf(channel, drive.functions, {
					startUp: lamp.product?.startUp,
					amperes,
					farads,
					volts: run.volts,
					turnOn: lamp.product?.turnOn ?? TURN_ON_V
				})
			: STEADY;
	// A smoothing module charges to the peak, so that a dimmed feed looks like a full one.
	const duty = channel && farads === null ? dutyOf(channel, drive) : 1;
	const level = shines && flicker.word !== 'drops-out' ? levelOf(circuit, lamp, { across, duty }) : 0;
	// A sealed unit has a driver of its own: it lights with its channel, as far as anybody knows.
	const sealed = lamp.elements === null && lamp.missing === null;
	return {
		socket: lamp.socket,
		function: lamp.function,
		channel: lamp.channel,
		lit: lamp.elements === null ? (sealed ? on : on ? null : false) : level > SEEN,
		level: sealed && on ? 1 : level,
		flashing: on && drive.flashing,
		flicker,
		glow: glowOf(circuit, lamp, { on, amperes }),
		amperes,
		product: lamp.product
	};
}
