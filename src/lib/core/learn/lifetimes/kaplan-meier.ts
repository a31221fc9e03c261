/** How long something was watched, and whether it ended in that time: otherwise nobody knows more (censored). */
export interface Watched {
	time: number;
	ended: boolean;
}

/** A step of a survival curve: from `time` on the share holds, until the next step. */
export interface SurvivalStep {
	time: number;
	/** Still watched just before. */
	atRisk: number;
	ended: number;
	/** Share that lives longer. */
	survives: number;
	/** Between these it lies, 95 times in 100. */
	low: number;
	high: number;
}

/** Normal quantile of 97.5 %. */
const Z = 1.959964;

/**
 * Band of a survival share by Greenwood's variance on the scale of log(-log S), so that it stays between 0 and 1 (Kalbfleisch and Prentice).
 * @param sum Greenwood's sum of d / (n (n - d))
 */
function band(survives: number, sum: number): { low: number; high: number } {
	if (survives >= 1) return { low: 1, high: 1 };
	if (survives <= 0) return { low: 0, high: 0 };
	const width = (Z * Math.sqrt(sum)) / Math.abs(Math.log(survives));
	return { low: survives ** Math.exp(width), high: survives ** Math.exp(-width) };
}

/**
 * Survival by the product-limit estimate of Kaplan and Meier (1958): at each time at which something ended, the share that outlives it is multiplied by
 * `1 - d/n`. What was watched no longer counts among those at risk after its time; at equal times ends come first.
 * @returns steps in the order of time, one where something ended; empty where nothing did
 */
export function survival(watched: readonly Watched[]): SurvivalStep[] {
	const times = [...new Set(watched.flatMap(({ time, ended }) => (ended ? [time] : [])))].sort((a, b) => a - b);
	let survives = 1;
	let sum = 0;
	return times.map((time) => {
		const atRisk = watched.filter((one) => one.time >= time).length;
		const ended = watched.filter((one) => one.ended && one.time === time).length;
		survives *= 1 - ended / atRisk;
		sum += atRisk > ended ? ended / (atRisk * (atRisk - ended)) : 0;
		return { time, atRisk, ended, survives, ...band(survives, sum) };
	});
}

/** Time that half outlive; null while more than half live. */
export const medianLife = (steps: readonly SurvivalStep[]): number | null =>
	steps.find(({ survives }) => survives <= 0.5)?.time ?? null;
