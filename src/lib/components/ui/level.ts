import type { Level, Verdict } from '$lib/core/match';

/** Words for a level of a finding. */
export const LEVEL_WORD: Record<Level, string> = {
	pass: 'Pass',
	needs: 'Needs a part',
	unknown: 'Not known',
	refuse: 'Refused'
};

/** Words for a verdict. */
export const VERDICT_WORD: Record<Verdict, string> = {
	fits: 'Fits',
	parts: 'Fits with parts',
	unknown: 'Check by hand',
	refused: 'Refused'
};

/** The level whose shape and tint stand for a verdict. */
export const VERDICT_LEVEL: Record<Verdict, Level> = {
	fits: 'pass',
	parts: 'needs',
	unknown: 'unknown',
	refused: 'refuse'
};

/** Tint by level, as a text colour class. */
export const LEVEL_TINT: Record<Level, string> = {
	pass: 'text-pass',
	needs: 'text-needs',
	unknown: 'text-unknown',
	refuse: 'text-refuse'
};
