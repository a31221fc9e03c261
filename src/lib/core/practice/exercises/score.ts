import { chanceFrom } from '../chance';
import { make } from '../made';
import type { Level } from '../vehicle/difficulty';
import type { Judged, Outcome, Posed } from './exercise';
import { EXERCISE_KINDS, type ExerciseId } from './kinds';

/** Which exercise it is: everything of it comes from these three. */
export interface ExerciseKey {
	kind: ExerciseId;
	seed: number;
	level: Level;
}

/** What somebody answered. */
export interface Answer {
	chosen: string;
	/** The reason they chose; absent where none was asked for. */
	reason?: string | undefined;
}

/** An answer, scored. */
export interface Score extends Judged {
	/** Words of an answer that stands, and of the reason. */
	standsFor: string;
	reasonStands: boolean;
}

/** An exercise from its key; null where the vehicle of the seed has nothing to ask about. */
export function poseExercise({ kind, seed, level }: ExerciseKey): Posed | null {
	return EXERCISE_KINDS[kind].pose(make(seed, { level }), chanceFrom(seed));
}

/** The outcome of an answer whose reason does not hold: what stands by luck is no knowledge. */
const withoutReason = (outcome: Outcome): Outcome => (outcome === 'right' ? 'lucky' : outcome);

/** Scores an answer; null for one that was not offered. */
export function scoreAnswer({ question, judged, rightReasons }: Posed, { chosen, reason }: Answer): Score | null {
	const said = Object.hasOwn(judged, chosen) ? judged[chosen] : undefined;
	if (!said) return null;
	const reasonStands = question.reason === null || (reason !== undefined && rightReasons.includes(reason));
	const standing = question.choices.filter(({ id }) => judged[id]?.outcome === 'right').map(({ words }) => words);
	const because =
		question.reason?.choices.filter(({ id }) => rightReasons.includes(id)).map(({ words }) => words) ?? [];
	return {
		...said,
		outcome: reasonStands ? said.outcome : withoutReason(said.outcome),
		standsFor: [standing.join(' or '), because.length > 0 ? `${question.reason?.question} ${because.join(' or ')}` : '']
			.filter(Boolean)
			.join('. '),
		reasonStands
	};
}
