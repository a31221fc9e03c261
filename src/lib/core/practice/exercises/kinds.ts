import type { ExerciseKind } from './exercise';
import { aimLamp } from './kinds/aim-lamp';
import { chooseLamp } from './kinds/choose-lamp';
import { chooseRemedy } from './kinds/choose-remedy';
import { enterWalk } from './kinds/enter-walk';
import { findCause } from './kinds/find-cause';
import { findConfiguration } from './kinds/find-configuration';
import { nameLamp } from './kinds/name-lamp';
import { packKit } from './kinds/pack-kit';
import { planWay } from './kinds/plan-way';
import { predictDash } from './kinds/predict-dash';
import { readBeam } from './kinds/read-beam';
import { seeColour } from './kinds/see-colour';
import { setCollar } from './kinds/set-collar';
import { trustPaper } from './kinds/trust-paper';

/** Every kind of exercise. A new one is a file in `kinds/` and an entry here. */
export const EXERCISE_KINDS = {
	'find-configuration': findConfiguration,
	'name-lamp': nameLamp,
	'enter-walk': enterWalk,
	'trust-paper': trustPaper,
	'choose-lamp': chooseLamp,
	'see-colour': seeColour,
	'predict-dash': predictDash,
	'choose-remedy': chooseRemedy,
	'pack-kit': packKit,
	'plan-way': planWay,
	'set-collar': setCollar,
	'aim-lamp': aimLamp,
	'read-beam': readBeam,
	'find-cause': findCause
} as const satisfies Record<string, ExerciseKind>;

export type ExerciseId = keyof typeof EXERCISE_KINDS;
export const EXERCISE_IDS = Object.keys(EXERCISE_KINDS) as ExerciseId[];

/** Cases of the house: asked like the others, and made by the shop, not from a seed. */
export const HOUSE_CASE = 'house-case';
export type SkillId = ExerciseId | typeof HOUSE_CASE;

/** Everything that is trained, and the minutes somebody who knows it takes. */
export const SKILLS: Readonly<Record<SkillId, Pick<ExerciseKind, 'skill' | 'minutes'>>> = {
	...EXERCISE_KINDS,
	[HOUSE_CASE]: { skill: 'know what happened in this shop', minutes: 1 }
};
export const SKILL_IDS = Object.keys(SKILLS) as SkillId[];
