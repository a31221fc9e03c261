import { VOLTS_NOMINAL } from '../quantity';
import { channelState, type ChannelState } from './channel-state';
import { flasherState, type FlashRate } from './flasher-state';
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
}

/**
 * What the driver sees in a mode: the current of every channel by the network, what its monitor says, which lamps light, flicker or
 * glow, and how fast the turn lamps flash.
 * @param volts supply, V
 */
export function simulate(
	circuit: VehicleCircuit,
	switches: readonly SwitchId[],
	volts: number = VOLTS_NOMINAL
): ModeState {
	const run = runMode(circuit, switches, volts);
	const flash = flasherState(circuit, run);
	const channels = circuit.configuration.channels.map((channel) => channelState({ circuit, run, flash }, channel));
	const lamps = run.network.lamps.map((lamp) => lampState(circuit, run, lamp));
	const messages = [...new Set(channels.flatMap(({ message }) => message ?? []))];
	return { switches, label: modeLabel(switches), volts, channels, lamps, flash, messages };
}

/** Every mode people test, one after the other. */
export function simulateModes(circuit: VehicleCircuit, volts: number = VOLTS_NOMINAL): Record<ModeId, ModeState> {
	const states = Object.entries(MODES).map(([id, switches]) => [id, simulate(circuit, switches, volts)]);
	return Object.fromEntries(states) as Record<ModeId, ModeState>;
}
