import type { Knex } from 'knex';
import type { ExerciseKey, Memory, Outcome, SkillId, SkillMemory } from '../../core/practice';
import type { Tx } from '../db/change';

/** One answer of a person. */
export interface PracticeAnswer extends ExerciseKey {
	person: string;
	chosen: string;
	reason: string | null;
	outcome: Outcome;
	seconds: number | null;
	at: string;
}

/** Writes an answer down. */
export async function addAnswer(tx: Tx, answer: PracticeAnswer): Promise<void> {
	await tx('practice_answers').insert(answer);
}

/** The last answers of a person, the latest first. */
export async function lastAnswers(db: Knex, person: string, most: number): Promise<PracticeAnswer[]> {
	return db('practice_answers').where({ person }).orderBy('number', 'desc').limit(most).select();
}

/** What was answered of each exercise of a kind last, by seed: instants, ISO. */
export async function lastAskedOf(db: Knex, person: string, kind: SkillId): Promise<Map<number, string>> {
	const rows: { seed: number; at: string }[] = await db('practice_answers')
		.where({ person, kind })
		.groupBy('seed')
		.select('seed')
		.max({ at: 'at' });
	return new Map(rows.map(({ seed, at }) => [seed, at]));
}

/** What a person remembers, by what is trained. */
export async function memoryOf(db: Knex, person: string): Promise<Memory> {
	const rows: { kind: string; memory: string }[] = await db('practice_skills')
		.where({ person })
		.select('kind', 'memory');
	return Object.fromEntries(rows.map(({ kind, memory }) => [kind, JSON.parse(memory) as SkillMemory]));
}

/** Writes what a person remembers of a skill. */
export async function keepMemory(
	tx: Tx,
	{ person, kind }: { person: string; kind: SkillId },
	memory: SkillMemory
): Promise<void> {
	await tx('practice_skills')
		.insert({ person, kind, memory: JSON.stringify(memory) })
		.onConflict(['person', 'kind'])
		.merge();
}

/** People who let the owner see how they are getting on, by name. */
export async function consenting(db: Knex): Promise<string[]> {
	const rows: { person: string }[] = await db('practice_consents').orderBy('person').select('person');
	return rows.map(({ person }) => person);
}

/** Gives a consent, or takes it back. */
export async function consent(
	tx: Tx,
	person: string,
	{ isGiven, now }: { isGiven: boolean; now: string }
): Promise<void> {
	await tx('practice_consents').where({ person }).delete();
	if (isGiven) await tx('practice_consents').insert({ person, since: now });
}
