import type { Product } from '../../model';

/** Money that lies on the shelf in a product, minor units: at what the shop paid, and at what it asks where no cost is on record. */
export interface Tied {
	pieces: number;
	money: number;
	/** True when some pack has no cost on record and counts at its price. */
	atPrice: boolean;
}

/** What lies on the shelf in the packs of a product. */
export function tiedIn({ packs }: Pick<Product, 'packs'>): Tied {
	return packs.reduce<Tied>(
		({ pieces, money, atPrice }, { count, price, cost, stock = 0 }) => ({
			pieces: pieces + count * stock,
			money: money + stock * (cost ?? price),
			atPrice: atPrice || (stock > 0 && cost === undefined)
		}),
		{ pieces: 0, money: 0, atPrice: false }
	);
}
