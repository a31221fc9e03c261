import { categoryOrNull } from '../../lamps';
import type { Product } from '../../model';
import { relatedCategories } from '../../match';
import type { Cover } from '../cover';
import { EVEN, serves, type Weights } from '../questions';
import type { Box } from './boxes';
import { draftProduct } from './draft';
import { groupsOf, type Group } from './groups';
import { neverClosed, type NeverClosed } from './never';
import { powerFor, type PowerBand } from './power';
import { neighbourPrice, type PriceBand } from './price';
import { sizeFor } from './size';
import { Trial } from './trial';
import { unmetIn, type Unmet, type UnmetFleet } from './unmet';

/** What a product that is not on offer would bring, as the rules judge it. */
export interface Promised {
	/** Sockets it closes, vehicles they are on, what they weigh, and vehicles of which nothing is open then. */
	sockets: number;
	vehicles: number;
	weight: number;
	completes: number;
	/** The places, by number. */
	places: readonly number[];
}

/** A lamp that nobody offers, and what it would bring. */
export interface Missing extends Promised {
	/** As a product: its size is the most it may measure. */
	specification: Product;
	/** Other largest boxes in front, and the weight of the places each goes into. */
	boxes: readonly Box[];
	power: PowerBand;
	/** What lamps like it cost; null where there are too few. */
	price: PriceBand | null;
}

/** What some products would close of what is open. */
export function promiseOf(cover: Cover, unmet: UnmetFleet, products: readonly Product[]): Promised {
	const near = new Set(
		products.flatMap(({ fits }) => fits.flatMap((name) => categoryOrNull(name) ?? [])).flatMap(relatedCategories)
	);
	const trial = new Trial(cover, products);
	const closed = [...unmet.places.values()].filter(
		({ place }) => near.has(cover.places[place]?.category ?? '') && trial.codes(place).some(serves)
	);
	const isClosed = new Set(closed.map(({ place }) => place));
	const vehicles = new Set(closed.flatMap((one) => [...one.vehicles]));
	const completes = [...vehicles].filter((number) => {
		const { places = new Int32Array(), exceptions = [] } = cover.vehicles[number] ?? {};
		// What was found on a vehicle may keep a place open that is served elsewhere; it is not promised.
		const apart = new Set(exceptions.map(({ socket }) => socket));
		const closes = places.reduce((sum, place, i) => sum + (isClosed.has(place) && !apart.has(i) ? 1 : 0), 0);
		return closes >= (unmet.openSockets[number] ?? 0);
	});
	return {
		sockets: closed.reduce((sum, { sockets }) => sum + sockets, 0),
		vehicles: vehicles.size,
		weight: closed.reduce((sum, { weight }) => sum + weight, 0),
		completes: completes.length,
		places: closed.map(({ place }) => place)
	};
}

/** The lamp for a group of places: the power and the body that serve the most of them, and what such lamps cost. */
function lampFor(cover: Cover, group: Group): Pick<Missing, 'specification' | 'boxes' | 'power' | 'price'> {
	const { watts, band, places } = powerFor(cover, group);
	const draft = { ...group.draft, watts };
	const { size, boxes } = sizeFor(cover, draft, places);
	const price = neighbourPrice(draft, cover.products);
	return { specification: draftProduct({ ...draft, size }), boxes, power: band, price };
}

function missingFor(cover: Cover, unmet: UnmetFleet, group: Group): Missing {
	const lamp = lampFor(cover, group);
	return { ...lamp, ...promiseOf(cover, unmet, [lamp.specification]) };
}

/** The lamp that would serve one place; null where none would. */
export function specificationFor(cover: Cover, unmet: Unmet): Pick<Missing, 'specification' | 'price'> | null {
	const [group] = groupsOf(cover, [unmet]).groups;
	return group ? lampFor(cover, group) : null;
}

/** What is open, the lamps that would close it, and what no lamp would. */
export interface MissingProducts {
	open: UnmetFleet;
	missing: readonly Missing[];
	/** Sockets that no lamp would close, by what stops it, the most first. */
	never: readonly NeverClosed[];
}

/** Ties are broken by words, so that the order never wavers. */
const byWeight = (a: Missing, b: Missing) =>
	b.weight - a.weight ||
	b.sockets - a.sockets ||
	(JSON.stringify(a.specification) < JSON.stringify(b.specification) ? -1 : 1);

/**
 * The products that would serve the most of what nothing on offer serves: for each category, colour and wiring the light, the power and the
 * largest body, each tried by the rules of the match. The one that weighs most comes first.
 */
export function missingProducts(cover: Cover, offered: Uint8Array, weights: Weights = EVEN): MissingProducts {
	const open = unmetIn(cover, offered, weights);
	const unmet: Unmet[] = [...open.places.values()];
	const { groups, never } = groupsOf(cover, unmet);
	const missing = groups
		.map((group) => missingFor(cover, open, group))
		.filter(({ sockets }) => sockets > 0)
		.sort(byWeight);
	const closable = new Set(missing.flatMap(({ places }) => places));
	return {
		open,
		missing,
		never: neverClosed(
			cover,
			never.filter(({ unmet: { place } }) => !closable.has(place))
		)
	};
}
