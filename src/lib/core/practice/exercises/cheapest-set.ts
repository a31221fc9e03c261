/**
 * The set of some things that is enough and costs least: every set is tried, so there have to be few of them. Null where not even all are enough.
 * @param costOf what one of them costs; of sets that cost the same the first one counts
 */
export function cheapestSet<T>(
	things: readonly T[],
	costOf: (one: T) => number,
	isEnough: (set: readonly T[]) => boolean
): T[] | null {
	const costs = (set: readonly T[]) => set.reduce((sum, one) => sum + costOf(one), 0);
	let best: T[] | null = null;
	for (let mask = 0; mask < 1 << things.length; mask++) {
		const set = things.filter((_, i) => mask & (1 << i));
		if ((!best || costs(set) < costs(best)) && isEnough(set)) best = set;
	}
	return best;
}
