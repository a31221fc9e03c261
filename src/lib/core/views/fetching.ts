/** Packs of a number that somebody needs, or has to give away. */
export interface PacksOf {
	sku: string;
	packs: number;
}

/** Packs that may be taken from a branch. */
export interface FreeThere {
	/** As rows keep it: null for the first branch. */
	branch: string | null;
	name: string;
	free: ReadonlyMap<string, number>;
}

/** Packs to be fetched from a branch. */
export interface Fetching extends PacksOf {
	from: { branch: string | null; name: string };
}

/**
 * Where packs that are short are fetched, so that few branches are gone to: first the branch that has most of them, then the one that has most of
 * the rest.
 * @returns what is fetched, branch by branch, and what no branch has
 */
export function fetchFromFew(
	short: readonly PacksOf[],
	there: readonly FreeThere[]
): { fetched: Fetching[]; missing: PacksOf[] } {
	const left = new Map(short.map(({ sku, packs }) => [sku, packs]));
	const takenFrom = ({ free }: FreeThere): PacksOf[] =>
		[...left].flatMap(([sku, wanted]) => {
			const packs = Math.min(wanted, free.get(sku) ?? 0);
			return packs > 0 ? [{ sku, packs }] : [];
		});
	const packsIn = (taken: readonly PacksOf[]) => taken.reduce((sum, { packs }) => sum + packs, 0);
	const fetched: Fetching[] = [];
	const others = [...there];
	for (;;) {
		const offers = others.map((other) => ({ other, taken: takenFrom(other) })).filter(({ taken }) => taken.length > 0);
		const [best] = offers.sort(
			(a, b) => packsIn(b.taken) - packsIn(a.taken) || a.other.name.localeCompare(b.other.name)
		);
		if (!best) break;
		const { branch, name } = best.other;
		for (const { sku, packs } of best.taken) {
			fetched.push({ sku, packs, from: { branch, name } });
			left.set(sku, (left.get(sku) ?? 0) - packs);
		}
		others.splice(others.indexOf(best.other), 1);
	}
	return { fetched, missing: [...left].flatMap(([sku, packs]) => (packs > 0 ? [{ sku, packs }] : [])) };
}
