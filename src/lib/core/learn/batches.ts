import { proportion, type Proportion } from '../quantity';

/** Lamps of one product fitted in one span of time that came back more than the rest of them. */
export interface Batch {
	/** First and last day they were fitted. */
	from: string;
	to: string;
	came: Proportion;
	others: Proportion;
}

/** A run of lamps shorter than this says nothing. */
const LEAST = 5;

/**
 * The run of lamps, in the order they were fitted, that came back most beside the others: one whose lower Wilson bound lies over the upper bound of the
 * rest. Null where no run stands out so. A scan over all runs.
 */
export function suspectBatch(lamps: readonly { on: string; ended: boolean }[]): Batch | null {
	const sorted = [...lamps].sort((a, b) => a.on.localeCompare(b.on));
	const sums = [0];
	for (const { ended } of sorted) sums.push((sums.at(-1) ?? 0) + Number(ended));
	const all = sums.at(-1) ?? 0;
	let best: (Batch & { margin: number }) | null = null;
	for (let from = 0; from + LEAST <= sorted.length; from += 1)
		for (let to = from + LEAST; to <= sorted.length - LEAST; to += 1) {
			const counted = (sums[to] ?? 0) - (sums[from] ?? 0);
			const [came, others] = [proportion(counted, to - from), proportion(all - counted, sorted.length - (to - from))];
			const margin = came.low - others.high;
			if (margin > (best?.margin ?? 0))
				best = { from: sorted[from]?.on ?? '', to: sorted[to - 1]?.on ?? '', came, others, margin };
		}
	if (!best) return null;
	const { margin: _margin, ...batch } = best;
	return batch;
}
