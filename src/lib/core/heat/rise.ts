import { steadyTemperature, type HeatCase } from './steady-state';

/**
 * Body temperature after a time lit from cold, C: `T_amb + (T_end - T_amb)(1 - exp(-t / tau))`, one time constant.
 * @param seconds time since it was switched on, s
 * @param timeConstant s
 */
export function temperatureAfter(heat: HeatCase, timeConstant: number, seconds: number): number {
	const rise = steadyTemperature(heat) - heat.ambient;
	return heat.ambient + rise * (1 - Math.exp(-seconds / timeConstant));
}

/**
 * Time after which a body passes a temperature, s; null when it never does.
 * @example secondsUntil({ ambient: 40, watts: 10, duty: 1, resistance: 10, cap: 1 }, 100, 90) // 69.3, half of the rise
 */
export function secondsUntil(heat: HeatCase, timeConstant: number, limit: number): number | null {
	const rise = steadyTemperature(heat) - heat.ambient;
	if (limit <= heat.ambient) return 0;
	const share = (limit - heat.ambient) / rise;
	return rise > 0 && share < 1 ? -timeConstant * Math.log(1 - share) : null;
}

/** Before so many time constants a reading does not tell where a body will end. */
const TELLS_AFTER = 2;

/**
 * Rise a body comes to rest at, K, from a reading on the way there: `rise / (1 - exp(-t / tau))`; null when it was read too early to tell.
 * @param timeConstant s
 * @example restingRise({ rise: 40, minutes: 30 }, 300) // 40.1
 */
export function restingRise({ rise, minutes }: { rise: number; minutes: number }, timeConstant: number): number | null {
	const constants = (minutes * 60) / timeConstant;
	return constants < TELLS_AFTER ? null : rise / (1 - Math.exp(-constants));
}
