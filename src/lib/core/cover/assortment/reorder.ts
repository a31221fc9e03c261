import type { Pack, Product } from '../../model';

/** How a product goes: pieces that went in so many days, and what is promised to kits already. */
export interface Going {
	pieces: number;
	days: number;
	reserved: number;
}

/** How a shop orders. */
export interface ReorderRules {
	/** Days from order to shelf. */
	leadDays: number;
	/** Days a delivery should last. */
	lastsDays: number;
	/** Standard deviations of demand that are kept back: 1.65 runs out in 5 % of all lead times. */
	safety: number;
}

/** Usual rules. Assumptions. */
export const USUAL_REORDER: ReorderRules = { leadDays: 7, lastsDays: 30, safety: 1.65 };

/** What to order of a product, and why. */
export interface Reorder {
	pack: Pack;
	packs: number;
	pieces: number;
	/** What it costs the shop, minor units; null where no cost is on record. */
	cost: number | null;
	/** Pieces on the shelf, on order and free of any promise; at or below the point it is ordered. */
	free: number;
	point: number;
	perDay: number;
}

/**
 * What to order of a product now: nothing above the reorder point, which is the demand over the lead time and a reserve of some standard deviations,
 * demand taken for Poisson. Ordered is what brings the shelf to the point and a delivery's time of demand, in whole packs of the kind whose piece
 * costs least; what comes to equal money in fewer pieces wins.
 */
export function reorderOf(
	{ packs }: Pick<Product, 'packs'>,
	{ pieces, days, reserved }: Going,
	{ leadDays, lastsDays, safety }: ReorderRules = USUAL_REORDER
): Reorder | null {
	if (packs.length === 0) return null;
	const perDay = days > 0 ? pieces / days : 0;
	const overLead = perDay * leadDays;
	const point = perDay === 0 ? 0 : Math.ceil(overLead + safety * Math.sqrt(overLead));
	const held = packs.reduce((sum, { count, stock = 0, ordered = 0 }) => sum + count * (stock + ordered), 0);
	const free = held - reserved;
	// What is promised and not there has to come, whatever goes otherwise.
	if (free > point || (free >= 0 && perDay === 0)) return null;
	const wanted = Math.max(1, Math.ceil(point + perDay * lastsDays) - free);
	const offers = packs.map((pack) => {
		const number = Math.ceil(wanted / pack.count);
		return { pack, packs: number, pieces: number * pack.count, money: number * (pack.cost ?? pack.price) };
	});
	const best = offers.reduce((a, b) => (b.money < a.money || (b.money === a.money && b.pieces < a.pieces) ? b : a));
	return {
		pack: best.pack,
		packs: best.packs,
		pieces: best.pieces,
		cost: best.pack.cost === undefined ? null : best.packs * best.pack.cost,
		free,
		point,
		perDay
	};
}
