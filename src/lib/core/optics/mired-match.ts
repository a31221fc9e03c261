import { mired } from '../quantity';
import { colourTemperature } from './cct';
import type { Chromaticity } from './chromaticity';

/** Under this two whites look alike; up to the second the difference is noticed side by side; more is a mismatch, mired. */
export const ALIKE_MIRED = 10;
export const NOTICED_MIRED = 25;

/** Distance in u,v of 1960 that one mired makes along the locus near 4000 K; a green or pink shift of that size counts as one mired. */
const UV_PER_MIRED = 0.00035;

/** A white light as far as matching goes: where it stands along the locus and beside it. */
export interface WhitePoint {
	cct: number;
	duv: number;
}

export type MatchWord = 'alike' | 'noticed' | 'mismatch';

const cache = new WeakMap<Chromaticity, WhitePoint | null>();

/** The white point of a light, or null when it is not near white. Remembered for each light. */
export function whitePoint(at: Chromaticity): WhitePoint | null {
	const seen = cache.get(at);
	if (seen !== undefined) return seen;
	const found = colourTemperature(at);
	// Further than 0.02 from the locus nobody calls it white; signal amber lies near the locus at about 1600 K.
	const white = found && Math.abs(found.duv) < 0.02 && found.cct > 2000 ? found : null;
	cache.set(at, white);
	return white;
}

/**
 * How far apart two whites look, in mired: along the locus and across it, a green-pink shift counting as much as a warm-cool one.
 * @example miredDifference({ cct: 4000, duv: 0 }, { cct: 5000, duv: 0 }) // 50
 */
export function miredDifference(a: WhitePoint, b: WhitePoint): number {
	return Math.hypot(mired(a.cct) - mired(b.cct), (a.duv - b.duv) / UV_PER_MIRED);
}

/** The difference in a word. */
export function matchWord(difference: number): MatchWord {
	if (difference < ALIKE_MIRED) return 'alike';
	return difference <= NOTICED_MIRED ? 'noticed' : 'mismatch';
}
