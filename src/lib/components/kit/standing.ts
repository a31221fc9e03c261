/** Where the work on a kit stands, as the server says it. */
export interface SolveStanding {
	/** What is minimised, minor units: the best so far, and the proven bound. */
	best: number | null;
	bound: number | null;
	priced?: { done: number; of: number };
}

/** The standing in words. @example standingText({ best: 31240, bound: 30040 }) // "Best so far is within 12.00 of the proven bound." */
export function standingText(standing: SolveStanding | null): string {
	if (!standing) return 'Working out the best kit…';
	const { best, bound, priced } = standing;
	if (priced) return `${priced.done} of ${priced.of} demands priced…`;
	if (best === null) return 'Looking for a first kit…';
	return bound === null
		? 'A first kit is found; proving how good it is…'
		: `Best so far is within ${((best - bound) / 100).toFixed(2)} of the proven bound.`;
}
