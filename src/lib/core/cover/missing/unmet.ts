import type { Cover } from '../cover';
import { NO_PLACE } from '../engine';
import { EVEN, serves, SocketCodes, type Weights } from '../questions';

/** A place that nothing on offer serves, and what hangs on it. */
export interface Unmet {
	place: number;
	/** Sockets that are this place, how much they weigh, and the vehicles they are on, by number. */
	sockets: number;
	weight: number;
	vehicles: ReadonlySet<number>;
}

/** What is not served: places, and for each vehicle how many of its sockets; those without a known category count there too. */
export interface UnmetFleet {
	places: ReadonlyMap<number, Unmet>;
	openSockets: readonly number[];
}

/** Gathers every socket that could take a lamp and has none. */
export function unmetIn(cover: Cover, offered: Uint8Array, weights: Weights = EVEN): UnmetFleet {
	const codes = new SocketCodes(cover, offered);
	const places = new Map<number, { place: number; sockets: number; weight: number; vehicles: Set<number> }>();
	const openSockets = cover.vehicles.map((vehicle, number) => {
		let open = 0;
		codes.of(vehicle).forEach((code, i) => {
			const trait = vehicle.traits[i] ?? 0;
			if (cover.traits[trait]?.closed || (code !== NO_PLACE && serves(code))) return;
			open += 1;
			const place = vehicle.places[i] ?? NO_PLACE;
			if (place === NO_PLACE) return;
			const known = places.get(place) ?? { place, sockets: 0, weight: 0, vehicles: new Set<number>() };
			known.sockets += 1;
			known.weight += weights(number, trait);
			known.vehicles.add(number);
			places.set(place, known);
		});
		return open;
	});
	return { places, openSockets };
}
