import type { Channel, Configuration } from '../model';
import { STOCK, type Fitted } from './fitted';
import { solve } from './network';
import { vehicleNetwork } from './network/vehicle';

/** A vehicle as fitted, prepared for any number of modes and voltages. */
export interface VehicleCircuit {
	configuration: Configuration;
	fitted: Fitted;
	channels: ReadonlyMap<string, Channel>;
	/** Capacitance of the smoothing module at a socket, F; null without one. */
	smoothing: (socket: string) => number | null;
	/** Resistance a cold check finds on a channel, ohm; infinite when nothing conducts. */
	coldOhms: (channel: Channel) => number;
}

function sensed(configuration: Configuration, fitted: Fitted, channel: Channel): number {
	const network = vehicleNetwork(configuration, fitted, { channels: [channel], driveOf: () => ({ kind: 'sense' }) });
	const { amperes } = solve(network.elements);
	const flows = -(amperes.get(network.feeds.get(channel.id) ?? '') ?? 0);
	return flows > 1e-9 ? 1 / flows : Infinity;
}

/** Prepares a vehicle as it is fitted. */
export function vehicleCircuit(configuration: Configuration, fitted: Fitted = STOCK): VehicleCircuit {
	const cold = new Map<string, number>();
	const modules = new Map(
		fitted.parts.flatMap(({ effect, socket }): [string, number][] =>
			effect?.kind === 'smoothing' && socket ? [[socket, effect.farads]] : []
		)
	);
	return {
		configuration,
		fitted,
		channels: new Map(configuration.channels.map((c) => [c.id as string, c])),
		smoothing: (socket) => modules.get(socket) ?? null,
		coldOhms: (channel) => {
			const known = cold.get(channel.id) ?? sensed(configuration, fitted, channel);
			cold.set(channel.id, known);
			return known;
		}
	};
}
