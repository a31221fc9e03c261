import type { Channel, Configuration } from '../model';
import { withAssumedOutputs } from './assumed-outputs';
import { lampIn, STOCK, type Fitted, type FittedLamp } from './fitted';
import { smoothingInBox } from './in-box';
import { solve, UNSETTLED_A } from './network';
import { vehicleNetwork } from './network/vehicle';

/** A vehicle as fitted, prepared for any number of modes and voltages. */
export interface VehicleCircuit {
	configuration: Configuration;
	fitted: Fitted;
	channels: ReadonlyMap<string, Channel>;
	/** Capacitance of the smoothing module at a socket, F; null without one. */
	smoothing: (socket: string) => number | null;
	/** Resistance a cold check finds on a channel, ohm; infinite when nothing conducts, null when the arithmetic did not come to rest. */
	coldOhms: (channel: Channel) => number | null;
}

function sensed(configuration: Configuration, fitted: Fitted, channel: Channel): number | null {
	const network = vehicleNetwork(configuration, fitted, { channels: [channel], driveOf: () => ({ kind: 'sense' }) });
	const { amperes, residual } = solve(network.elements);
	if (residual > UNSETTLED_A) return null;
	const flows = -(amperes.get(network.feeds.get(channel.id) ?? '') ?? 0);
	return flows > 1e-9 ? 1 / flows : Infinity;
}

/** Capacitance that comes in the box with a lamp, F. */
function inBoxOf(lamp: FittedLamp): number | null {
	return lamp.kind === 'product' ? smoothingInBox(lamp.product) : null;
}

/** Prepares a vehicle as it is fitted; outputs nobody recorded are taken for what a look at the vehicle says. */
export function vehicleCircuit(record: Configuration, fitted: Fitted = STOCK): VehicleCircuit {
	const configuration = withAssumedOutputs(record);
	const cold = new Map<string, number | null>();
	const modules = new Map(
		fitted.parts.flatMap(({ effect, socket }): [string, number][] =>
			effect?.kind === 'smoothing' && socket ? [[socket, effect.farads]] : []
		)
	);
	return {
		configuration,
		fitted,
		channels: new Map(configuration.channels.map((c) => [c.id as string, c])),
		smoothing: (socket) => modules.get(socket) ?? inBoxOf(lampIn(fitted, socket)),
		coldOhms: (channel) => {
			const known = cold.get(channel.id);
			if (known !== undefined) return known;
			const found = sensed(configuration, fitted, channel);
			cold.set(channel.id, found);
			return found;
		}
	};
}
