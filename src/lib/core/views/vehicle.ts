import type { Configuration } from '../model';
import { vehicleName } from '../vehicle';
import { showSockets, type ShownSocket } from './socket';

/** A vehicle as its pages show it. */
export interface ShownVehicle {
	id: string;
	name: string;
	kind: Configuration['kind'];
	market: string;
	steering: string | null;
	tells: string[];
	/** Factory options that change lamps, in words. */
	options: string[];
	sockets: ShownSocket[];
	/** How many driver outputs are on record. */
	channels: number;
}

/** A vehicle for its pages; its sockets without verdicts unless they are given. */
export function showVehicle(configuration: Configuration, sockets = showSockets(configuration)): ShownVehicle {
	const { id, kind, market, steering = null, tells = [] } = configuration;
	const options = Object.entries(configuration.options ?? {}).map(([key, value]) => `${key} ${String(value)}`);
	return {
		id,
		name: vehicleName(configuration),
		kind,
		market,
		steering,
		tells,
		options,
		sockets,
		channels: configuration.channels.length
	};
}
