import type { ExerciseKind } from './exercise';
import { aimLamp } from './kinds/aim-lamp';
import { chooseLamp } from './kinds/choose-lamp';
import { nameLamp } from './kinds/name-lamp';
import { predictDash } from './kinds/predict-dash';
import { seeColour } from './kinds/see-colour';
import { setCollar } from './kinds/set-collar';
import { trustPaper } from './kinds/trust-paper';

/** Every kind of exercise. A new one is a file in `kinds/` and an entry here. */
export const EXERCISE_KINDS = {
	'name-lamp': nameLamp,
	'trust-paper': trustPaper,
	'choose-lamp': chooseLamp,
	'see-colour': seeColour,
	'predict-dash': predictDash,
	'set-collar': setCollar,
	'aim-lamp': aimLamp
} as const satisfies Record<string, ExerciseKind>;

export type ExerciseId = keyof typeof EXERCISE_KINDS;
export const EXERCISE_IDS = Object.keys(EXERCISE_KINDS) as ExerciseId[];
