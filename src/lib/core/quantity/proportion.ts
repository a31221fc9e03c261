/** A share found in a few trials, and what it may be. */
export interface Proportion {
	/** Trials, and those of them that count. */
	of: number;
	counted: number;
	/** Between these it lies, 95 times in 100 (Wilson 1927); 0 to 1 where nothing was tried. */
	low: number;
	high: number;
}

/** Normal quantile of 97.5 %. */
const Z = 1.959964;

/**
 * A share with its Wilson score interval at 95 %: `(p + z^2/2n ± z sqrt(p(1-p)/n + z^2/4n^2)) / (1 + z^2/n)`. Right for few trials, where a bare
 * ratio is not.
 * @param counted at most `of`
 * @example proportion(1, 20) // 0.009 to 0.236
 */
export function proportion(counted: number, of: number): Proportion {
	if (of === 0) return { of, counted, low: 0, high: 1 };
	const p = counted / of;
	const over = 1 + (Z * Z) / of;
	const centre = (p + (Z * Z) / (2 * of)) / over;
	const half = (Z * Math.sqrt((p * (1 - p)) / of + (Z * Z) / (4 * of * of))) / over;
	return { of, counted, low: Math.max(0, centre - half), high: Math.min(1, centre + half) };
}

/** What a share is taken for before anything was tried, and how many trials that counts for. */
export interface Prior {
	share: number;
	worth: number;
}

/** Mean of a share after some trials, from a Beta prior: `(worth * share + counted) / (worth + of)`. @example expectedShare(1, 20, { share: 0.05, worth: 20 }) // 0.05 */
export const expectedShare = (counted: number, of: number, { share, worth }: Prior): number =>
	(worth * share + counted) / (worth + of);

/** A share with its bounds, in percent. @example proportionText(proportion(1, 20)) // "1 of 20, likely 1 to 24 %" */
export const proportionText = ({ of, counted, low, high }: Proportion): string =>
	of === 0 ? 'none yet' : `${counted} of ${of}, likely ${Math.round(100 * low)} to ${Math.round(100 * high)} %`;
