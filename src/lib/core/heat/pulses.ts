/**
 * Share of the time that a body behaves as if it were lit steadily at the top of its ripple, when it is lit in pulses: a little more than the
 * plain share, `(1 - exp(-d T / tau)) / (1 - exp(-T / tau))`.
 * @param duty share of the time lit, 0 to 1
 * @param period of one pulse, s
 * @param timeConstant of the body, s
 * @example pulsedDuty(0.5, 60 / 85, 90) // 0.501
 */
export function pulsedDuty(duty: number, period: number, timeConstant: number): number {
	return (1 - Math.exp((-duty * period) / timeConstant)) / (1 - Math.exp(-period / timeConstant));
}
