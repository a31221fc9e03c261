import type { Knex } from 'knex';
import {
	nextSkill,
	poseExercise,
	remembered,
	scoreAnswer,
	skillMap,
	type Answer,
	type ExerciseKey,
	type Question,
	type Score,
	type SkillView
} from '../../core/practice';
import { change, changeAlways } from '../db/change';
import { err, ok, type Result } from '../../core/result';
import { addAnswer, consent, consenting, keepMemory, lastAnswers, memoryOf } from '../repositories/practice';

/** How many questions back a sitting is looked at. */
const SITTING = 12;
/** A sitting ends after so long without an answer, ms. */
const PAUSE_MS = 3 * 3_600_000;
/** Seeds are tried one after another until a vehicle has something to ask about. */
const TRIES = 60;

/** What a person has learned, what comes back, and whether the owner may see it. */
export async function practiceOf(db: Knex, person: string, now: string) {
	const answers = await lastAnswers(db, person, SITTING);
	const today = answers.filter(({ at }) => at.slice(0, 10) === now.slice(0, 10));
	return {
		skills: skillMap(await memoryOf(db, person), now),
		today: { answers: today.length, seconds: today.reduce((sum, { seconds }) => sum + (seconds ?? 0), 0) },
		isShared: (await consenting(db)).includes(person)
	};
}

/** What those who let the owner see it have learned. */
export async function progressShared(db: Knex, now: string): Promise<{ person: string; skills: SkillView[] }[]> {
	const people = await consenting(db);
	return Promise.all(people.map(async (person) => ({ person, skills: skillMap(await memoryOf(db, person), now) })));
}

/** The exercise a person is asked next. @param seed where the search for a vehicle begins */
export async function nextExercise(
	db: Knex,
	person: string,
	{ now, seed }: { now: string; seed: number }
): Promise<ExerciseKey> {
	const memory = await memoryOf(db, person);
	const answers = await lastAnswers(db, person, SITTING);
	const sitting = answers.filter(({ at }) => Date.parse(now) - Date.parse(at) < PAUSE_MS).map(({ kind }) => kind);
	const kind = nextSkill(memory, sitting, now);
	return exerciseNear({ kind, seed, level: memory[kind]?.level ?? 1 });
}

/** The exercise of a kind on the first vehicle, from a seed on, that has something to ask about. */
export function exerciseNear(key: ExerciseKey): ExerciseKey {
	for (let i = 0; i < TRIES; i++) {
		const here = { ...key, seed: key.seed + i };
		if (poseExercise(here)) return here;
	}
	return key;
}

/** The question of an exercise; null where there is none. Nothing of it says the answer. */
export const questionOf = (key: ExerciseKey): Question | null => poseExercise(key)?.question ?? null;

/** Scores an answer, and remembers what it says of the skill. */
export async function answerExercise(
	db: Knex,
	{ person, now, seconds }: { person: string; now: string; seconds: number | null },
	{ key, answer }: { key: ExerciseKey; answer: Answer }
): Promise<Result<Score, string>> {
	const posed = poseExercise(key);
	const score = posed && scoreAnswer(posed, answer);
	if (!score) return err('That answer was not offered. Choose one of those that stand there.');
	return change(db, async (tx) => {
		const before = (await memoryOf(tx, person))[key.kind];
		const { chosen, reason = null } = answer;
		await addAnswer(tx, { ...key, person, chosen, reason, outcome: score.outcome, seconds, at: now });
		await keepMemory(tx, { person, kind: key.kind }, remembered(before, score.outcome, now));
		return ok(score);
	});
}

/** Lets the owner see how a person is getting on, or no longer. */
export const shareProgress = (db: Knex, person: string, given: { isGiven: boolean; now: string }): Promise<void> =>
	changeAlways(db, (tx) => consent(tx, person, given));
