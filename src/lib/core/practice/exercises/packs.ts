import type { Accessory, Product } from '../../model';

/** Something that is sold in packs. */
export type Sold = Pick<Product | Accessory, 'id' | 'name' | 'packs'>;

/** Packs with a price: pieces in each, and minor units. */
export const pricedPacks = ({ packs = [] }: Sold): { sku: string; count: number; price: number }[] =>
	packs.flatMap(({ sku, count, price }) => (price === undefined ? [] : [{ sku, count, price }]));

/** The lowest price of so many pieces at least, in whole packs, minor units; Infinity where no pack has a price. */
export function cheapest(sold: Sold, pieces: number): number {
	const packs = pricedPacks(sold);
	const best = [0];
	for (let n = 1; n <= pieces; n++)
		best.push(Math.min(...packs.map(({ count, price }) => price + (best[Math.max(0, n - count)] ?? Infinity))));
	return best[pieces] ?? Infinity;
}

/** Pieces of something in a basket, which says how many of which pack. */
export const piecesIn = (sold: Sold, basket: ReadonlyMap<string, number>): number =>
	pricedPacks(sold).reduce((sum, { sku, count }) => sum + count * (basket.get(sku) ?? 0), 0);
