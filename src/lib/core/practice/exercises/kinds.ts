import type { ExerciseKind } from './exercise';
import { aimLamp } from './kinds/aim-lamp';
import { chooseLamp } from './kinds/choose-lamp';
import { chooseRemedy } from './kinds/choose-remedy';
import { findConfiguration } from './kinds/find-configuration';
import { nameLamp } from './kinds/name-lamp';
import { predictDash } from './kinds/predict-dash';
import { readBeam } from './kinds/read-beam';
import { seeColour } from './kinds/see-colour';
import { setCollar } from './kinds/set-collar';
import { trustPaper } from './kinds/trust-paper';

/** Every kind of exercise. A new one is a file in `kinds/` and an entry here. */
export const EXERCISE_KINDS = {
	'find-configuration': findConfiguration,
	'name-lamp': nameLamp,
	'trust-paper': trustPaper,
	'choose-lamp': chooseLamp,
	'see-colour': seeColour,
	'predict-dash': predictDash,
	'choose-remedy': chooseRemedy,
	'set-collar': setCollar,
	'aim-lamp': aimLamp,
	'read-beam': readBeam
} as const satisfies Record<string, ExerciseKind>;

export type ExerciseId = keyof typeof EXERCISE_KINDS;
export const EXERCISE_IDS = Object.keys(EXERCISE_KINDS) as ExerciseId[];
