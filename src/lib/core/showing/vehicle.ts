import type { Configuration } from '../exchange';
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
	sockets: ShownSocket[];
}

/** A vehicle for its pages; its sockets without verdicts unless they are given. */
export function showVehicle(configuration: Configuration, sockets = showSockets(configuration)): ShownVehicle {
	const { id, kind, market, steering = null, tells = [] } = configuration;
	return { id, name: vehicleName(configuration), kind, market, steering, tells, sockets };
}
