import { supplyOf } from '../vehicle';
import { channelState, type ChannelState } from './channel-state';
import { flasherState, type FlashRate } from './flasher-state';
import { isThermal } from './flasher-unit';
import { lampState, type LampState } from './lamp-state';
import { modeLabel, MODES, type ModeId, type SwitchId } from './modes';
import { runMode } from './run';
import type { VehicleCircuit } from './vehicle-circuit';

/** A vehicle in a mode. */
export interface ModeState {
	switches: readonly SwitchId[];
	label: string;
	volts: number;
	channels: ChannelState[];
	lamps: LampState[];
	flash: FlashRate;
	/** Messages on the dash, each once. */
	messages: string[];
	/** True when a weak load slows the flasher down instead of making it race. */
	slowsDown: boolean;
	/** False when the arithmetic did not come to rest: its currents and lights are not known. */
	settled: boolean;
}

/**
 * What the driver sees in a mode: the current of every channel by the network, what its monitor says, which lamps light, flicker or
 * glow, and how fast the turn lamps flash.
 * @param volts supply, V; the running supply of the vehicle when not given
 */
export function simulate(
	circuit: VehicleCircuit,
	switches: readonly SwitchId[],
	volts: number = supplyOf(circuit.configuration).running
): ModeState {
	const run = runMode(circuit, switches, volts);
	const flash = flasherState(circuit, run);
	const channels = circuit.configuration.channels.map((channel) => channelState({ circuit, run, flash }, channel));
	const lamps = run.network.lamps.map((lamp) => lampState(circuit, run, lamp));
	const messages = [...new Set(channels.flatMap(({ message }) => message ?? []))];
	return {
		switches,
		label: modeLabel(switches),
		volts,
		channels,
		lamps,
		flash,
		messages,
		settled: run.settled,
		slowsDown: isThermal(circuit.configuration)
	};
}

/** Every mode people test, one after the other. */
export function simulateModes(circuit: VehicleCircuit, volts?: number): Record<ModeId, ModeState> {
	const states = Object.entries(MODES).map(([id, switches]) => [id, simulate(circuit, switches, volts)]);
	return Object.fromEntries(states) as Record<ModeId, ModeState>;
}
