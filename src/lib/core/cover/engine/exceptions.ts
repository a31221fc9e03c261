import type { Configuration } from '../../model';
import {
	Candidate,
	isHere,
	relatedCategories,
	socketCase,
	unitPlace,
	type FieldFact,
	type ProductCase,
	type Verdict,
	type ViewedBy
} from '../../match';

/** A product that is judged apart in one socket of one vehicle, because something was found of it there. */
export interface Exception {
	/** Which socket, counted in the order of the record. */
	socket: number;
	product: string;
	verdict: Verdict;
}

/** True when a fact was found in this socket, its twin, or this place of its lamp unit. */
function bearsOn(fact: FieldFact, where: { configuration: Configuration; socket: Configuration['sockets'][number] }) {
	const unit = fact.kind === 'beam-check' ? fact.check.unit : undefined;
	return (unit !== undefined && unit === unitPlace(where.socket)) || isHere(fact, where);
}

/**
 * Where what was found on vehicles goes before what rules say of the place: tests, temperatures, beam checks, follow-ups and what was settled to
 * keep out, each for its product in its socket.
 * @param found products of which something was found on this vehicle, or in a lamp unit that it has
 */
export function exceptionsOf(configuration: Configuration, found: readonly ProductCase[], by: ViewedBy): Exception[] {
	if (found.length === 0) return [];
	return configuration.sockets.flatMap((socket, i): Exception[] => {
		const about = found.filter(({ field }) => field.some((fact) => bearsOn(fact, { configuration, socket })));
		const prepared = about.length > 0 ? socketCase(configuration, socket, by) : null;
		if (!prepared) return [];
		const near = new Set(relatedCategories(prepared.category));
		return about
			.filter(({ categories }) => categories.some(({ category }) => near.has(category)))
			.map((product) => ({
				socket: i,
				product: product.record.id,
				verdict: new Candidate(prepared, product).verdict
			}));
	});
}
