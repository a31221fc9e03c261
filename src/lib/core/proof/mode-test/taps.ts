/** A rate somebody tapped along with. */
export interface TappedRate {
	perMinute: number;
	/** Half the spread of the middle half of the intervals, as flashes a minute: how sure it is. */
	spread: number;
	taps: number;
}

/** Fewer taps tell no rate. */
export const LEAST_TAPS = 5;
/** A pause longer than this begins again, ms. */
const PAUSE_MS = 3000;
/** Two taps nearer than this are one that bounced, ms: nothing flashes ten times a second. */
const BOUNCE_MS = 100;

const at = (sorted: readonly number[], share: number) => {
	const place = share * (sorted.length - 1);
	const [low, high] = [Math.floor(place), Math.ceil(place)];
	return (sorted[low] ?? 0) + ((sorted[high] ?? 0) - (sorted[low] ?? 0)) * (place - low);
};

/**
 * Flash rate from moments somebody tapped, ms: the median of the intervals, so that one slip counts for nothing. Taps before a long pause are
 * left out.
 * @returns null while there are too few of them
 * @example tappedRate([0, 700, 1400, 2100, 2800]) // 85.7 a minute, spread 0
 */
export function tappedRate(moments: readonly number[]): TappedRate | null {
	const intervals: number[] = [];
	let last = moments[0] ?? 0;
	for (const moment of moments.slice(1)) {
		const gap = moment - last;
		if (gap < BOUNCE_MS) continue;
		if (gap > PAUSE_MS) intervals.length = 0;
		else intervals.push(gap);
		last = moment;
	}
	if (intervals.length < LEAST_TAPS - 1) return null;
	const sorted = [...intervals].sort((a, b) => a - b);
	const rate = (interval: number) => 60_000 / interval;
	return {
		perMinute: rate(at(sorted, 0.5)),
		spread: (rate(at(sorted, 0.25)) - rate(at(sorted, 0.75))) / 2,
		taps: intervals.length + 1
	};
}
