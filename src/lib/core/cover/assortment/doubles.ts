import type { ProductCase } from '../../match';
import type { ServedAlike } from './serving-sets';

/** A product that serves nothing but what one other serves too. */
export interface Double {
	product: number;
	/** The one that does for it: it serves all that this one does, and costs no more; of equals the one that serves most. */
	by: number;
	sockets: number;
}

/** Products that only double another, no cheaper one. Of two that are equal in all that the one with the lower number stays. */
export function doubles(sets: readonly ServedAlike[], products: readonly ProductCase[]): Double[] {
	const classes = new Map<number, Set<number>>();
	sets.forEach((set, at) => {
		for (const product of set.products) classes.set(product, (classes.get(product) ?? new Set()).add(at));
	});
	const price = (number: number) => products[number]?.price ?? Infinity;
	return [...classes].flatMap(([product, own]): Double[] => {
		const [first = 0] = own;
		const rivals = (sets[first]?.products ?? []).filter((rival) => {
			const theirs = classes.get(rival);
			if (rival === product || !theirs || theirs.size < own.size || price(rival) > price(product)) return false;
			const isEqual = theirs.size === own.size && price(rival) === price(product);
			if (isEqual && rival > product) return false;
			return [...own].every((at) => theirs.has(at));
		});
		const [by] = rivals.sort((a, b) => (classes.get(b)?.size ?? 0) - (classes.get(a)?.size ?? 0) || a - b);
		if (by === undefined) return [];
		return [{ product, by, sockets: [...own].reduce((sum, at) => sum + (sets[at]?.sockets ?? 0), 0) }];
	});
}
