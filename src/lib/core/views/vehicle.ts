import type { Configuration } from '../model';
import { optionWords, vehicleMarks, vehicleName, vehicleTitle } from '../vehicle';
import { socketViews, type SocketView } from './socket';

/** A vehicle as its pages show it. */
export interface VehicleView {
	id: string;
	/** In full, for a sentence or a list. */
	name: string;
	/** Make, model and generation, and what tells it from its sisters, where both stand apart. */
	title: string;
	marks: string[];
	kind: Configuration['kind'];
	market: string;
	steering: string | null;
	tells: string[];
	/** Factory options that change lamps, in words. */
	options: string[];
	sockets: SocketView[];
	/** How many driver outputs are on record. */
	channels: number;
}

/** A vehicle for its pages; its sockets without verdicts unless they are given. */
export function vehicleView(configuration: Configuration, sockets = socketViews(configuration)): VehicleView {
	const { id, kind, market, steering = null, tells = [] } = configuration;
	const options = Object.entries(configuration.options ?? {}).map(([key, value]) => optionWords(key, value));
	return {
		id,
		name: vehicleName(configuration),
		title: vehicleTitle(configuration),
		marks: vehicleMarks(configuration),
		kind,
		market,
		steering,
		tells,
		options,
		sockets,
		channels: configuration.channels.length
	};
}
