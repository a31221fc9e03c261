import { VERDICTS } from '../../match';
import type { Cover, CoveredVehicle } from '../cover';
import { codeAt, NO_PLACE } from '../engine';
import { EVEN, serves, type Weights } from '../questions';

/** Sockets that the same products serve, and what they weigh together. */
export interface ServedAlike {
	/** Numbers of the products, ascending. */
	products: readonly number[];
	weight: number;
	sockets: number;
}

/** Products of some that serve a place, by number. */
function servingIn({ rows, places, shelfOf }: Cover, place: number, isCandidate: Uint8Array): number[] {
	const row = rows[place];
	const at = places[place];
	if (!row || !at) return [];
	const found: number[] = [];
	shelfOf(at.category).forEach((product, i) => {
		if (isCandidate[product] && serves(codeAt(row, i))) found.push(product);
	});
	return found;
}

/** The same for a socket of a vehicle, what was found there counted. */
function servingAt(
	vehicle: CoveredVehicle,
	socket: number,
	{ inPlace, numbers, isCandidate }: Tools
): readonly number[] {
	const plain = inPlace(vehicle.places[socket] ?? NO_PLACE);
	const apart = vehicle.exceptions.filter((one) => one.socket === socket);
	if (apart.length === 0) return plain;
	const set = new Set(plain);
	for (const { product, verdict } of apart) {
		const number = numbers.get(product);
		if (number === undefined || !isCandidate[number]) continue;
		if (serves(VERDICTS.indexOf(verdict))) set.add(number);
		else set.delete(number);
	}
	return [...set].sort((a, b) => a - b);
}

interface Tools {
	inPlace: (place: number) => readonly number[];
	numbers: ReadonlyMap<string, number>;
	isCandidate: Uint8Array;
}

/**
 * Sockets gathered by the products that serve them: all that an assortment is chosen by. Sockets that nothing serves are left out.
 * @param isCandidate 1 for each product that may be chosen, by number
 */
export function servedAlike(cover: Cover, isCandidate: Uint8Array, weights: Weights = EVEN): ServedAlike[] {
	const byPlace = new Map<number, readonly number[]>();
	const tools: Tools = {
		inPlace: (place) => {
			const known = byPlace.get(place) ?? servingIn(cover, place, isCandidate);
			byPlace.set(place, known);
			return known;
		},
		numbers: new Map(cover.products.map(({ record }, number) => [record.id as string, number])),
		isCandidate
	};
	const found = new Map<string, { products: readonly number[]; weight: number; sockets: number }>();
	const keys = new Map<readonly number[], string>();
	cover.vehicles.forEach((vehicle, v) =>
		vehicle.places.forEach((place, i) => {
			if (place === NO_PLACE) return;
			const products = servingAt(vehicle, i, tools);
			if (products.length === 0) return;
			const key = keys.get(products) ?? products.join();
			keys.set(products, key);
			const own = found.get(key) ?? { products, weight: 0, sockets: 0 };
			own.weight += weights(v, vehicle.traits[i] ?? 0);
			own.sockets += 1;
			found.set(key, own);
		})
	);
	return [...found.values()];
}
