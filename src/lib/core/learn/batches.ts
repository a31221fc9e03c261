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
/** Log likelihood ratio from which a run stands out, many runs having been looked at: about 1 in 1000 by chance. */
const STANDS_OUT = 9;

/** Log likelihood of so many of so many at their own share. */
function fit(counted: number, of: number): number {
	if (counted === 0 || counted === of) return 0;
	const p = counted / of;
	return counted * Math.log(p) + (of - counted) * Math.log(1 - p);
}

/**
 * The run of days on which lamps were fitted that ended most beside the others: the greatest likelihood ratio of two shares against one over all runs
 * (scan statistic, Kulldorff 1997). Null where no run stands out.
 */
export function suspectBatch(lamps: readonly { on: string; ended: boolean }[]): Batch | null {
	const days = new Map<string, { of: number; ended: number }>();
	for (const { on, ended } of lamps) {
		const day = days.get(on) ?? { of: 0, ended: 0 };
		days.set(on, { of: day.of + 1, ended: day.ended + Number(ended) });
	}
	const sorted = [...days].sort((a, b) => a[0].localeCompare(b[0]));
	const all = { of: lamps.length, ended: lamps.filter(({ ended }) => ended).length };
	const whole = fit(all.ended, all.of);
	let best: { ratio: number; batch: Batch } | null = null;
	for (let from = 0; from < sorted.length; from += 1) {
		const run = { of: 0, ended: 0 };
		for (const [to, day] of sorted.slice(from)) {
			run.of += day.of;
			run.ended += day.ended;
			const rest = { of: all.of - run.of, ended: all.ended - run.ended };
			if (run.of < LEAST || rest.of < LEAST || run.ended / run.of <= rest.ended / rest.of) continue;
			const ratio = fit(run.ended, run.of) + fit(rest.ended, rest.of) - whole;
			if (ratio > Math.max(STANDS_OUT, best?.ratio ?? 0))
				best = {
					ratio,
					batch: {
						from: sorted[from]?.[0] ?? to,
						to,
						came: proportion(run.ended, run.of),
						others: proportion(rest.ended, rest.of)
					}
				};
		}
	}
	return best?.batch ?? null;
}
