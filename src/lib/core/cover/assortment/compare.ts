import type { ServedAlike } from './serving-sets';

/** What one choice of products serves beside another, by weight and by socket. */
export interface Compared {
	both: Counted;
	onlyFirst: Counted;
	onlySecond: Counted;
	neither: Counted;
}

/** Sockets, and what they weigh. */
export interface Counted {
	sockets: number;
	weight: number;
}

/** Two choices of products side by side. What nothing serves at all is in none of them. */
export function compareChoices(
	sets: readonly ServedAlike[],
	first: ReadonlySet<number>,
	second: ReadonlySet<number>
): Compared {
	const none = (): Counted => ({ sockets: 0, weight: 0 });
	const found: Compared = { both: none(), onlyFirst: none(), onlySecond: none(), neither: none() };
	for (const { products, weight, sockets } of sets) {
		const [a, b] = [first, second].map((choice) => products.some((product) => choice.has(product)));
		const side = a ? (b ? found.both : found.onlyFirst) : b ? found.onlySecond : found.neither;
		side.sockets += sockets;
		side.weight += weight;
	}
	return found;
}
