import type { ServedAlike } from './serving-sets';

/** One product more, what is served with all before it, and what no choice of as many can pass. */
export interface Step {
	product: number;
	/** Weight served by this one and those before it. */
	served: number;
	/** What this one adds. */
	adds: number;
	/** Proven: no choice of as many products serves more. */
	bound: number;
}

/** Classes that each product serves, by the product. */
function classesOf(sets: readonly ServedAlike[]): Map<number, number[]> {
	const found = new Map<number, number[]>();
	sets.forEach(({ products }, at) => {
		for (const product of products) {
			const own = found.get(product);
			if (own) own.push(at);
			else found.set(product, [at]);
		}
	});
	return found;
}

/**
 * Products one after another, each the one that adds the most: with k of them at least 63 % of the best choice of k (Nemhauser, Wolsey and Fisher,
 * 1978). Beside it stands a bound that is mostly far nearer: what any products serve is at most what some chosen ones serve and what k of the
 * others add to those one by one. Ends when nothing more is added. Of equals the one with the lowest number is taken.
 */
export function greedyChoice(sets: readonly ServedAlike[], most = Infinity): Step[] {
	const classes = classesOf(sets);
	const isServed = new Uint8Array(sets.length);
	const gains = new Map([...classes].map(([product, own]) => [product, sumOf(own, sets)]));
	const steps: Step[] = [];
	const bounds: { served: number; sorted: number[] }[] = [];
	let served = 0;
	while (steps.length < most) {
		bounds.push({ served, sorted: sortedGains(gains) });
		const best = bestOf(gains);
		if (best === null) break;
		served += best.gain;
		steps.push({ product: best.product, served, adds: best.gain, bound: Infinity });
		for (const at of classes.get(best.product) ?? []) {
			if (isServed[at]) continue;
			isServed[at] = 1;
			const { products, weight } = sets[at] as ServedAlike;
			for (const product of products) gains.set(product, (gains.get(product) ?? 0) - weight);
		}
		gains.delete(best.product);
	}
	return steps.map((step, i) => ({ ...step, bound: Math.min(...bounds.map((one) => boundBy(one, i + 1))) }));
}

const sumOf = (own: readonly number[], sets: readonly ServedAlike[]) =>
	own.reduce((sum, at) => sum + (sets[at]?.weight ?? 0), 0);

/** Gains from the largest, each the sum of itself and all before it. */
function sortedGains(gains: ReadonlyMap<number, number>): number[] {
	let sum = 0;
	return [...gains.values()].sort((a, b) => b - a).map((gain) => (sum += gain));
}

const boundBy = ({ served, sorted }: { served: number; sorted: readonly number[] }, k: number) =>
	served + (sorted[Math.min(k, sorted.length) - 1] ?? 0);

/** Rounding of sums of weights: less than this is nothing. */
const NOTHING = 1e-9;

function bestOf(gains: ReadonlyMap<number, number>): { product: number; gain: number } | null {
	let best: { product: number; gain: number } | null = null;
	for (const [product, gain] of gains) {
		if (gain <= NOTHING) continue;
		if (!best || gain > best.gain || (gain === best.gain && product < best.product)) best = { product, gain };
	}
	return best;
}
