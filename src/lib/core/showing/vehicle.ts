import type { Configuration } from '../exchange';
import type { ShownSocket } from './socket';

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
