import { chanceFrom } from '../chance';
import { make } from '../made';
import type { Level } from '../vehicle/difficulty';
import type { Judged, Outcome, Posed } from './exercise';
import { EXERCISE_KINDS, HOUSE_CASE, type ExerciseId, type SkillId } from './kinds';

/** Which exercise it is. Of one that is made, everything comes from these three; of a case of the house, `seed` is its number. */
export interface ExerciseKey {
	kind: SkillId;
	seed: number;
	level: Level;
}

/** The key of an exercise that is made. */
export interface MadeKey extends ExerciseKey {
	kind: ExerciseId;
}

export const isMadeKey = (key: ExerciseKey): key is MadeKey => key.kind !== HOUSE_CASE;

/** What somebody answered. */
export interface Answer {
	/** What was chosen, typed, turned or put in, as the form of the question says. */
	chosen: string;
	/** What was looked at before, by id. */
	looked?: readonly string[] | undefined;
	/** The reason they chose; absent where none was asked for. */
	reason?: string | undefined;
}

/** An answer, scored. */
export interface Score extends Judged {
	/** Words of an answer that stands, and of the reason. */
	standsFor: string;
	reasonStands: boolean;
	/** Minutes of looks: what was spent, and what is enough. */
	looks: { spent: number; least: number };
}

/** An exercise from its key; null where the vehicle of the seed has nothing to ask about. */
export function poseExercise({ kind, seed, level }: MadeKey): Posed | null {
	return EXERCISE_KINDS[kind].pose(make(seed, { level }), chanceFrom(seed));
}

/** The outcome of an answer whose reason does not hold: what stands by luck is no knowledge. */
const withoutReason = (outcome: Outcome): Outcome => (outcome === 'right' ? 'lucky' : outcome);

/** Scores an answer; null for one that was not offered. */
export function scoreAnswer(posed: Posed, { chosen, looked = [], reason }: Answer): Score | null {
	const { question, rightReasons, standsFor, least } = posed;
	const said = posed.judge(chosen, looked);
	if (!said) return null;
	const reasonStands = question.reason === null || (reason !== undefined && rightReasons.includes(reason));
	const because =
		question.reason?.choices.filter(({ id }) => rightReasons.includes(id)).map(({ words }) => words) ?? [];
	const spent = question.looks.filter(({ id }) => looked.includes(id)).reduce((sum, { minutes }) => sum + minutes, 0);
	return {
		...said,
		outcome: reasonStands ? said.outcome : withoutReason(said.outcome),
		standsFor: [standsFor, because.length > 0 ? `${question.reason?.question} ${because.join(' or ')}` : '']
			.filter(Boolean)
			.join('. '),
		reasonStands,
		looks: { spent, least }
	};
}
