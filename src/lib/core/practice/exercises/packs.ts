import type { Accessory, Product } from '../../model';

/** Something that is sold in packs. */
export type Sold = Pick<Product | Accessory, 'id' | 'name' | 'packs'>;

/** The lowest price of so many pieces at least, in whole packs, minor units; Infinity where it is not sold. */
export function cheapest({ packs }: Sold, pieces: number): number {
	const best = [0];
	for (let n = 1; n <= pieces; n++)
		best.push(Math.min(...packs.map(({ count, price }) => price + (best[Math.max(0, n - count)] ?? Infinity))));
	return best[pieces] ?? Infinity;
}

/** Pieces of something in a basket, which says how many of which pack. */
export const piecesIn = ({ packs }: Sold, basket: ReadonlyMap<string, number>): number =>
	packs.reduce((sum, { sku, count }) => sum + count * (basket.get(sku) ?? 0), 0);
