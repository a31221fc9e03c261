import type { Channel } from '../model';
import type { ChannelState } from './channel-state';
import type { LampState } from './lamp-state';
import type { ModeState } from './simulate';
import type { VehicleCircuit } from './vehicle-circuit';

/** Share of a flash period that the lamps are on (common: 45 to 55 %). */
export const FLASH_ON_SHARE = 0.5;
/** A cold check pulses an output that is off this long, this often, s (pulses of 0.1 to 5 ms, every 20 ms to some seconds). */
export const COLD_PULSE_S = 0.001;
export const COLD_PERIOD_S = 0.1;
/** Time in which a filament takes on 63 % of a change of its light, s (90 % after 100 to 250 ms). */
const FILAMENT_S = 0.06;
/** A switchback of type A brings its white back this long after the last amber flash, s (0.5 to 3). */
export const WHITE_RETURNS_S = 1;

/** One channel at one moment. */
export interface ChannelSample {
	/** s */
	t: number;
	volts: number;
	amperes: number;
}

/** When the flasher has its lamps on. */
function flashOn(t: number, perMinute: number): boolean {
	const period = 60 / perMinute;
	return (t % period) / period < FLASH_ON_SHARE;
}

/** When a channel has voltage: with the flasher, with its pulses, or in the pulses of a cold check. */
function hasVoltage(
	channel: Channel,
	{ state, perMinute }: { state: ChannelState; perMinute: number | null },
	t: number
): boolean {
	if (state.blown) return false;
	if (state.functions.length === 0) return channel.monitor?.kind === 'cold' && t % COLD_PERIOD_S < COLD_PULSE_S;
	if (state.flashing && perMinute !== null && !flashOn(t, perMinute)) return false;
	const { feed } = channel;
	if (feed?.kind !== 'pwm' || !feed.frequency || state.duty >= 1) return true;
	return (t * feed.frequency) % 1 < state.duty;
}

/** The rate that the lamps of a channel flash with; null when they do not, or when it is not known. */
export function rateOf({ flash }: ModeState, circuit: VehicleCircuit, channel: Channel): number | null {
	const sides = new Set(
		channel.feeds.map((feed) => circuit.configuration.sockets.find((s) => s.id === feed.socket)?.side)
	);
	return sides.has('right') && !sides.has('left') ? flash.right : (flash.left ?? flash.right);
}

/** A circuit, and how it stands in one mode. */
export interface CircuitInMode {
	readonly circuit: VehicleCircuit;
	readonly mode: ModeState;
}

/** Voltage and current of a channel over a time from the moment its mode begins. */
export function channelWave(
	{ circuit, mode }: CircuitInMode,
	channel: Channel,
	{ seconds = 1, samples = 1000 }: { seconds?: number; samples?: number } = {}
): ChannelSample[] {
	const state = mode.channels.find((c) => c.id === channel.id);
	if (!state) return [];
	const perMinute = rateOf(mode, circuit, channel);
	const current = state.current ?? 0;
	return Array.from({ length: samples + 1 }, (_, i) => {
		const t = (i * seconds) / samples;
		const on = hasVoltage(channel, { state, perMinute }, t);
		const isOff = state.functions.length === 0;
		return { t, volts: on ? mode.volts : 0, amperes: on && !isOff ? current : 0 };
	});
}

/** One lamp at one moment: how bright, and in which of its two colours. */
export interface LightSample {
	t: number;
	light: number;
	colour: 'own' | 'minor';
}

type Switchback = 'switchback-a' | 'switchback-b' | null;

function switchbackOf({ product }: LampState): Switchback {
	const found = product?.modes?.find((m) => m.startsWith('switchback'));
	return found === 'switchback-a' || found === 'switchback-b' ? found : null;
}

/** What a switchback lamp shows: amber while the flasher is on, and its white as its type has it. */
function switchbackLight(
	kind: Switchback,
	t: number,
	{ turn, white }: { turn: { perMinute: number | null; level: number }; white: number }
): LightSample {
	const amber = turn.level > 0 && turn.perMinute !== null;
	if (amber && flashOn(t, turn.perMinute ?? 0)) return { t, light: turn.level, colour: 'own' };
	// Type A keeps its white off while amber flashes; type B shows it between the flashes.
	const shown = white > 0 && (!amber || kind === 'switchback-b');
	return { t, light: shown ? white : 0, colour: 'minor' };
}

/** The light of a socket over a time: all its functions together, as somebody sees it who stands before the vehicle. */
export function lightWave(
	{ circuit, mode }: CircuitInMode,
	socket: string,
	{ seconds = 1, samples = 500 }: { seconds?: number; samples?: number } = {}
): LightSample[] {
	const lamps = mode.lamps.filter((lamp) => lamp.socket === socket);
	const kind = lamps.map(switchbackOf).find(Boolean) ?? null;
	const channelOf = (lamp: LampState) => circuit.channels.get(lamp.channel);
	const turn = lamps.find((lamp) => lamp.function === 'turn');
	const turnChannel = turn && channelOf(turn);
	const perMinute = turnChannel ? rateOf(mode, circuit, turnChannel) : null;
	const white = Math.max(0, ...lamps.filter((lamp) => lamp !== turn).map((lamp) => lamp.level));
	const step = seconds / samples;
	let glowing = 0;
	return Array.from({ length: samples + 1 }, (_, i): LightSample => {
		const t = i * step;
		if (kind) return switchbackLight(kind, t, { turn: { perMinute, level: turn?.level ?? 0 }, white });
		const target = Math.max(0, ...lamps.map((lamp) => momentary(circuit, mode, { lamp, t })));
		const isFilament = lamps.some((lamp) => lamp.product === null || lamp.product.kind === 'halogen');
		glowing = isFilament && i > 0 ? glowing + (target - glowing) * (1 - Math.exp(-step / FILAMENT_S)) : target;
		return { t, light: glowing, colour: 'own' };
	});
}

/** Light a lamp is fed for at a moment; a smoothing module and a filament bridge the gaps between pulses. */
function momentary(circuit: VehicleCircuit, mode: ModeState, { lamp, t }: { lamp: LampState; t: number }): number {
	const channel = circuit.channels.get(lamp.channel);
	const state = mode.channels.find((c) => c.id === lamp.channel);
	if (!channel || !state) return 0;
	const pulses = lamp.flicker.word === 'strobes' || lamp.glow === 'pulses';
	const perMinute = rateOf(mode, circuit, channel);
	if (!pulses) return lamp.flashing && perMinute !== null && !flashOn(t, perMinute) ? 0 : lamp.level;
	const fed = hasVoltage(channel, { state, perMinute }, t);
	return fed ? Math.max(lamp.level > 0 ? 1 : 0, lamp.glow === 'pulses' ? 0.3 : 0) : 0;
}
