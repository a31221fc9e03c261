export interface HeatCase {
	/** Air around the lamp, C. */
	ambient: number;
	/** Power turned to heat while lit, W, a built-in load included. */
	watts: number;
	/** Share of the time lit, 0 to 1. */
	duty: number;
	/** K/W in free air. */
	resistance: number;
	/** Factor of the cap. */
	cap: number;
}

/**
 * Body temperature after a long time lit, C: `T_amb + P x duty x R_th x cap`.
 * All electrical power is counted as heat, which errs on the hot side.
 * @example steadyTemperature({ ambient: 45, watts: 3, duty: 1, resistance: 16, cap: 1 }) // 93
 */
export function steadyTemperature({ ambient, watts, duty, resistance, cap }: HeatCase): number {
	return ambient + watts * duty * resistance * cap;
}

/** The same body in the best and in the worst of what is assumed, and in the middle. */
export interface HeatBand {
	cool: HeatCase;
	middle: HeatCase;
	hot: HeatCase;
}

/** Temperatures of a band, C. */
export interface HeatSpan {
	low: number;
	middle: number;
	high: number;
}

/** Where a body may come to after a long time lit, C: from the cool end of the assumptions to the hot one. */
export function steadySpan({ cool, middle, hot }: HeatBand): HeatSpan {
	return { low: steadyTemperature(cool), middle: steadyTemperature(middle), high: steadyTemperature(hot) };
}

/** What an estimate says against a limit, C: it passes when its hot end stays under it, and refuses when its cool end is over it. */
export function heatLevel({ low, high }: HeatSpan, limit: number): 'pass' | 'unknown' | 'refuse' {
	if (high <= limit) return 'pass';
	return low > limit ? 'refuse' : 'unknown';
}
