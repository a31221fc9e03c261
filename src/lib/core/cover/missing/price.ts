import type { LampCategory } from '../../lamps';
import type { LightColour } from '../../model';
import type { ProductCase } from '../../match';

/** What lamps of the kind cost, of one piece, minor units. */
export interface PriceBand {
	low: number;
	median: number;
	high: number;
	/** How many prices it is drawn from, and how near they are. */
	from: number;
	of: 'category' | 'mount';
}

/** Fewer prices than this say nothing of a kind. */
const ENOUGH = 3;

function band(prices: readonly number[], of: PriceBand['of']): PriceBand | null {
	if (prices.length < ENOUGH) return null;
	const sorted = [...prices].sort((a, b) => a - b);
	const at = (share: number) => Math.round(sorted[Math.round(share * (sorted.length - 1))] ?? 0);
	return { low: at(0.25), median: at(0.5), high: at(0.75), from: sorted.length, of };
}

/**
 * What a lamp should cost by its neighbours: LEDs of its category and colour, or where there are few, of its colour on the same kind of mount.
 * Quartiles of the price of one lamp in its cheapest pack; null where there are too few.
 */
export function neighbourPrice(
	{ category, colour }: { category: LampCategory; colour: LightColour },
	products: readonly ProductCase[]
): PriceBand | null {
	const alike = products.filter(
		({ product, price }) => product.kind === 'led' && product.colour?.kind === colour.kind && Number.isFinite(price)
	);
	const own = alike.filter(({ categories }) => categories.some((c) => c.category === category.category));
	const near = alike.filter(({ categories }) => categories.some((c) => c.mount === category.mount));
	return (
		band(
			own.map(({ price }) => price),
			'category'
		) ??
		band(
			near.map(({ price }) => price),
			'mount'
		)
	);
}
