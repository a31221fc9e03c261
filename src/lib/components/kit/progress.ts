/** Where the work on a kit stands, as the server says it. */
export interface SolveState {
	/** What is minimised, minor units: the best so far, and the proven bound. */
	best: number | null;
	bound: number | null;
	priced?: { done: number; of: number };
}

/** The progress in words. @example progressText({ best: 31240, bound: 30040 }, price) // "Best so far is within 12.00 of the proven bound." */
export function progressText(progress: SolveState | null, price: (minor: number) => string): string {
	if (!progress) return 'Working out the best kit…';
	const { best, bound, priced } = progress;
	if (priced) return `${priced.done} of ${priced.of} demands priced…`;
	if (best === null) return 'Looking for a first kit…';
	return bound === null
		? 'A first kit is found; proving how good it is…'
		: `Best so far is within ${price(best - bound)} of the proven bound.`;
}
