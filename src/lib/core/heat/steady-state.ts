import { assumedValue, type Assumed } from '../units';
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

/** What an estimated temperature says against a limit, C. Near the limit only a measurement tells. */
export function heatLevel(
	temperature: number,
	limit: number,
	assumed: Assumed = HEAT_DEFAULTS
): 'pass' | 'unknown' | 'refuse' {
	if (temperature <= limit - assumedValue(assumed, 'heat.spare')) return 'pass';
	return temperature <= limit + assumedValue(assumed, 'heat.over') ? 'unknown' : 'refuse';
}
