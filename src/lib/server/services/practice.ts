import { LRUCache } from 'lru-cache';
import type { Knex } from 'knex';
import {
	EXERCISE_IDS,
	HOUSE_CASE,
	isMadeKey,
	make,
	nextSkill,
	poseExercise,
	poseHouseCase,
	remembered,
	scoreAnswer,
	skillMap,
	type Answer,
	type ExerciseKey,
	type Memory,
	type Posed,
	type Question,
	type Score,
	type Screen,
	type Seen,
	type SkillId,
	type SkillView
} from '../../core/practice';
import { err, ok, type Result } from '../../core/result';
import { socketViews, type SocketView } from '../../core/views';
import { change, changeAlways } from '../db/change';
import {
	addAnswer,
	consent,
	consenting,
	keepMemory,
	lastAnswers,
	lastAskedOf,
	memoryOf
} from '../repositories/practice';
import { findCase, listCases } from '../repositories/practice-cases';

/** Answers that are looked at for today, and questions back that a sitting is looked at. */
const TODAY = 200;
const SITTING = 12;
/** A sitting ends after so long without an answer, ms. */
const PAUSE_MS = 3 * 3_600_000;
/** Seeds are tried one after another until a vehicle has something to ask about. */
const TRIES = 60;
/** Exercises that are kept worked out: whoever answers one has just looked at it. */
const KEPT = 60;

/** What a person did today: answers, and seconds of it. */
export interface Today {
	answers: number;
	seconds: number;
}

async function todayOf(db: Knex, person: string, now: string): Promise<Today> {
	const answers = await lastAnswers(db, person, TODAY);
	const today = answers.filter(({ at }) => at.slice(0, 10) === now.slice(0, 10));
	return { answers: today.length, seconds: today.reduce((sum, { seconds }) => sum + (seconds ?? 0), 0) };
}

/** Skills as they are shown: cases of the house only where there are any, or were. */
const shown = (memory: Memory, now: string, hasCases: boolean): SkillView[] =>
	skillMap(memory, now).filter(({ kind, level }) => kind !== HOUSE_CASE || hasCases || level !== null);

/** What a person has learned, what comes back, and whether the owner may see it. */
export async function practiceOf(db: Knex, person: string, now: string) {
	const cases = await listCases(db);
	return {
		skills: shown(await memoryOf(db, person), now, cases.length > 0),
		today: await todayOf(db, person, now),
		isShared: (await consenting(db)).includes(person)
	};
}

/** What those who let the owner see it have learned. */
export async function progressShared(db: Knex, now: string): Promise<{ person: string; skills: SkillView[] }[]> {
	const people = await consenting(db);
	return Promise.all(people.map(async (person) => ({ person, skills: shown(await memoryOf(db, person), now, false) })));
}

/** The case of the house that a person was asked longest ago, or never; null where there is none. */
async function nextCase(db: Knex, person: string): Promise<ExerciseKey | null> {
	const asked = await lastAskedOf(db, person, HOUSE_CASE);
	const when = (number: number) => asked.get(number) ?? '';
	const [next] = (await listCases(db)).sort((a, b) => when(a.number).localeCompare(when(b.number)));
	return next ? { kind: HOUSE_CASE, seed: next.number, level: 1 } : null;
}

/** The exercise a person is asked next. @param seed where the search for a vehicle begins */
export async function nextExercise(
	db: Knex,
	person: string,
	{ now, seed }: { now: string; seed: number }
): Promise<ExerciseKey> {
	const memory = await memoryOf(db, person);
	const answers = await lastAnswers(db, person, SITTING);
	const asked = answers.filter(({ at }) => Date.parse(now) - Date.parse(at) < PAUSE_MS).map(({ kind }) => kind);
	const ofTheHouse = await nextCase(db, person);
	const offered: SkillId[] = [...EXERCISE_IDS, ...(ofTheHouse ? ([HOUSE_CASE] as const) : [])];
	const kind = nextSkill(memory, { offered, asked, now });
	if (kind === HOUSE_CASE && ofTheHouse) return ofTheHouse;
	return exerciseNear({ kind, seed, level: memory[kind]?.level ?? 1 });
}

const posed = new LRUCache<string, { posed: Posed | null }>({ max: KEPT });

/** A made exercise, worked out once. */
function madeExercise(key: ExerciseKey): Posed | null {
	if (!isMadeKey(key)) return null;
	const name = [key.kind, key.seed, key.level].join(' ');
	const known = posed.get(name) ?? { posed: poseExercise(key) };
	posed.set(name, known);
	return known.posed;
}

/** An exercise with its truth; null where there is none. */
export async function exerciseOf(db: Knex, key: ExerciseKey): Promise<Posed | null> {
	if (isMadeKey(key)) return madeExercise(key);
	const found = await findCase(db, key.seed);
	return found && poseHouseCase(found.made, found.number);
}

/** The exercise of a kind on the first vehicle, from a seed on, that has something to ask about. */
export function exerciseNear(key: ExerciseKey): ExerciseKey {
	for (let i = 0; i < TRIES; i++) {
		const here = { ...key, seed: key.seed + i };
		if (madeExercise(here)) return here;
	}
	return key;
}

/** A question as it is shown: nothing of it says the answer. */
export interface AskedQuestion {
	question: Question;
	/** What was looked at, and what it showed. */
	seen: (Seen & { id: string })[];
	/** The vehicle as a wheel, where that is drawn; null otherwise. */
	wheel: SocketView[] | null;
	/** On which screen its truth is seen. */
	room: Screen['room'] | null;
	today: Today;
}

/** The question of an exercise, with what somebody looked at; null where there is none. */
export async function questionOf(
	db: Knex,
	{ person, now }: { person: string; now: string },
	{ key, looked }: { key: ExerciseKey; looked: readonly string[] }
): Promise<AskedQuestion | null> {
	const found = await exerciseOf(db, key);
	if (!found) return null;
	const seen = found.question.looks.flatMap(({ id }) => {
		const seen = looked.includes(id) ? found.seen(id) : null;
		return seen === null ? [] : [{ id, ...seen }];
	});
	const isDrawn = found.question.drawing?.kind === 'wheel' && isMadeKey(key);
	const wheel = isDrawn ? socketViews(make(key.seed, { level: key.level }).truth) : null;
	return {
		question: found.question,
		seen,
		wheel,
		room: found.screen?.room ?? null,
		today: await todayOf(db, person, now)
	};
}

/** Scores an answer, and remembers what it says of the skill. */
export async function answerExercise(
	db: Knex,
	{ person, now, seconds }: { person: string; now: string; seconds: number | null },
	{ key, answer }: { key: ExerciseKey; answer: Answer }
): Promise<Result<Score, string>> {
	const found = await exerciseOf(db, key);
	const score = found && scoreAnswer(found, answer);
	if (!score) return err('That answer cannot be taken: it is none of those that can be given here.');
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
