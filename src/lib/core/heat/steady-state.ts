import { assumedValue, type Assumed } from '../quantity';
import { HEAT_DEFAULTS } from './assumptions';

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

/** How far an estimate is trusted: it passes with so much to spare, and refuses only when it is so much over, K. */
export interface HeatMargins {
	spare: number;
	over: number;
}

/** The margins among the assumptions. */
export function heatMargins(assumed: Assumed): HeatMargins {
	return { spare: assumedValue(assumed, 'heat.spare'), over: assumedValue(assumed, 'heat.over') };
}

const DEFAULT_MARGINS = heatMargins(HEAT_DEFAULTS);

/** What an estimated temperature says against a limit, C. Near the limit only a measurement tells. */
export function heatLevel(
	temperature: number,
	limit: number,
	{ spare, over }: HeatMargins = DEFAULT_MARGINS
): 'pass' | 'unknown' | 'refuse' {
	if (temperature <= limit - spare) return 'pass';
	return temperature <= limit + over ? 'unknown' : 'refuse';
}
