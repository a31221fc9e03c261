import type { Program, Solver } from '../../solver';
import { greedyChoice } from './greedy';
import type { ServedAlike } from './serving-sets';

/** The best choice of so many products, and how sure that is. */
export interface BestChoice {
	products: number[];
	/** Weight served. */
	served: number;
	/** No choice of as many serves more than this. */
	bound: number;
	/** `exact`: proven best; `greedy`: at least 63 % of the best, and within its bound. */
	how: 'exact' | 'greedy';
}

/** Larger problems are not given to the solver: it would take longer than anybody waits. Products, and sorts of sockets. */
export const EXACT_UP_TO = { products: 400, sets: 1500 };

/** Products that another one serves everything for, and more or as much; the one with the lower number stays of equals. */
export function dominated(sets: readonly ServedAlike[]): Set<number> {
	const classes = new Map<number, Set<number>>();
	sets.forEach(({ products }, at) => {
		for (const product of products) classes.set(product, (classes.get(product) ?? new Set()).add(at));
	});
	const out = new Set<number>();
	for (const [product, own] of classes) {
		const [first = 0] = own;
		const rivals = sets[first]?.products ?? [];
		const isBeaten = rivals.some((rival) => {
			const theirs = classes.get(rival);
			if (rival === product || out.has(rival) || !theirs || theirs.size < own.size) return false;
			if (theirs.size === own.size && rival > product) return false;
			return [...own].every((at) => theirs.has(at));
		});
		if (isBeaten) out.add(product);
	}
	return out;
}

/** Sets without the products that need not be looked at; sets that become alike are one. */
function reduced(sets: readonly ServedAlike[]): ServedAlike[] {
	const out = dominated(sets);
	const found = new Map<string, ServedAlike>();
	for (const { products, weight, sockets } of sets) {
		const left = products.filter((product) => !out.has(product));
		const key = left.join();
		const known = found.get(key);
		found.set(key, {
			products: left,
			weight: weight + (known?.weight ?? 0),
			sockets: sockets + (known?.sockets ?? 0)
		});
	}
	return [...found.values()];
}

/** Weighted maximum coverage: choose at most k products, a set counts when one of its products is chosen. */
function program(sets: readonly ServedAlike[], k: number): Program {
	const products = [...new Set(sets.flatMap((set) => set.products))];
	return {
		variables: [
			...products.map((product) => ({ name: `p${product}`, cost: 0, kind: 'binary' as const })),
			...sets.map(({ weight }, at) => ({ name: `s${at}`, cost: -weight, kind: 'binary' as const }))
		],
		constraints: [
			{ name: 'most', terms: products.map((product) => [1, `p${product}`] as const), sense: '<=', bound: k },
			...sets.map((set, at) => ({
				name: `c${at}`,
				terms: [...set.products.map((product) => [1, `p${product}`] as const), [-1, `s${at}`] as const],
				sense: '>=' as const,
				bound: 0
			}))
		]
	};
}

/**
 * The k products that serve the most: proven best where the problem is small enough for the solver, and else chosen one after another with a
 * proven bound.
 */
export async function bestChoice(sets: readonly ServedAlike[], k: number, solver: Solver): Promise<BestChoice> {
	const small = reduced(sets);
	const greedy = greedyChoice(small, k);
	const last = greedy.at(-1);
	const quick: BestChoice = {
		products: greedy.map(({ product }) => product),
		served: last?.served ?? 0,
		bound: last?.bound ?? 0,
		how: 'greedy'
	};
	if (quick.served >= quick.bound - 1e-9) return { ...quick, bound: quick.served, how: 'exact' };
	const products = new Set(small.flatMap((set) => set.products));
	if (products.size > EXACT_UP_TO.products || small.length > EXACT_UP_TO.sets) return quick;
	const solved = await solver(program(small, k));
	if (solved.status === 'infeasible') return quick;
	const chosen = [...products].filter((product) => (solved.values.get(`p${product}`) ?? 0) > 0.5);
	const isChosen = new Set(chosen);
	const served = small.reduce((sum, set) => sum + (set.products.some((p) => isChosen.has(p)) ? set.weight : 0), 0);
	if (served < quick.served) return quick;
	const bound = Math.max(served, Math.min(quick.bound, -solved.bound));
	return {
		products: chosen.sort((a, b) => a - b),
		served,
		bound,
		how: solved.status === 'optimal' ? 'exact' : 'greedy'
	};
}
