import type { Cover } from './cover';
import { codeAt } from './engine';
import { serves } from './questions';

/** Sockets that each product serves, by its number, whatever else serves them. */
export function socketsServed(cover: Cover): Float64Array {
	const sockets = new Float64Array(cover.places.length);
	for (const { places } of cover.vehicles)
		for (const place of places) if (place >= 0) sockets[place] = (sockets[place] ?? 0) + 1;
	const served = new Float64Array(cover.products.length);
	cover.places.forEach(({ category }, number) => {
		const row = cover.rows[number];
		if (!row || !sockets[number]) return;
		cover.shelfOf(category).forEach((product, i) => {
			if (serves(codeAt(row, i))) served[product] = (served[product] ?? 0) + (sockets[number] ?? 0);
		});
	});
	return withFound(cover, served);
}

/** What was found on vehicles goes before what the rules say of the place. */
function withFound({ vehicles, products, places, rows, shelfOf }: Cover, served: Float64Array): Float64Array {
	const numbers = new Map(products.map(({ record }, number) => [record.id as string, number]));
	for (const { exceptions, places: own } of vehicles)
		for (const { socket, product, verdict } of exceptions) {
			const number = numbers.get(product);
			const place = places[own[socket] ?? -1];
			const row = rows[own[socket] ?? -1];
			if (number === undefined || !place || !row) continue;
			const at = shelfOf(place.category).indexOf(number);
			const before = at >= 0 && serves(codeAt(row, at)) ? 1 : 0;
			const now = verdict === 'fits' || verdict === 'parts' ? 1 : 0;
			served[number] = (served[number] ?? 0) + now - before;
		}
	return served;
}

/** True for a product that serves by being fitted in place of whole lamps on a vehicle of the fleet. */
function isMounted({ mounts = [] }: Cover['products'][number]['record'], vehicles: ReadonlySet<string>): boolean {
	return mounts.some(({ configuration }) => vehicles.has(configuration));
}

/** Products on offer that serve nothing in the whole fleet, by number. */
export function idleProducts(cover: Cover): number[] {
	const served = socketsServed(cover);
	const vehicles = new Set<string>(cover.vehicles.map(({ facts }) => facts.id));
	return cover.products.flatMap(({ record }, number) =>
		record.withdrawn || served[number] || isMounted(record, vehicles) ? [] : [number]
	);
}
