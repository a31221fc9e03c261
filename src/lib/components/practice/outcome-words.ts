import type { Level } from '$lib/core/match';
import type { Outcome } from '$lib/core/practice';

/** Words for an outcome. */
export const OUTCOME_WORD: Readonly<Record<Outcome, string>> = {
	right: 'Right',
	lucky: 'Right by luck',
	'too-careful': 'Too careful',
	wrong: 'Wrong'
};

/** The level whose shape and tint stand for an outcome. */
export const OUTCOME_LEVEL: Readonly<Record<Outcome, Level>> = {
	right: 'pass',
	lucky: 'needs',
	'too-careful': 'unknown',
	wrong: 'refuse'
};
