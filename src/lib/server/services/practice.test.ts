import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { freshDatabase } from '../../../../tests/support/database';
import { answerTo } from '../../../../tests/support/practice-answers';
import {
	answerExercise,
	exerciseOf,
	nextExercise,
	practiceOf,
	progressShared,
	questionOf,
	shareProgress
} from './practice';

const NOW = '2026-03-02T09:00:00.000Z';
const TOMORROW = '2026-03-04T09:00:00.000Z';
const at = (person: string, now = NOW) => ({ person, now, seconds: 40 });

/** An answer of an outcome to what is asked next. */
async function answered(db: Knex, person: string, isRight: boolean, now = NOW) {
	const key = await nextExercise(db, person, { now, seed: 100 });
	const posed = (await exerciseOf(db, key))!;
	const answer = { ...answerTo(posed, isRight), reason: posed.rightReasons[0] };
	const done = await answerExercise(db, at(person, now), { key, answer });
	expect(done.ok).toBe(true);
	return key.kind;
}

describe('practice', () => {
	it('asks a skill again that was missed, in the same sitting and days after', async () => {
		const { db } = await freshDatabase();
		const missed = await answered(db, 'M. Tveter', false);
		const then = [await answered(db, 'M. Tveter', true), await answered(db, 'M. Tveter', true)];
		expect(then).not.toContain(missed);
		expect((await nextExercise(db, 'M. Tveter', { now: NOW, seed: 1 })).kind).toBe(missed);
		const { skills, today } = await practiceOf(db, 'M. Tveter', TOMORROW);
		expect(skills.find(({ kind }) => kind === missed)).toMatchObject({
			isDue: true,
			last: expect.not.stringMatching('right')
		});
		expect(today.answers).toBe(0);
	});

	it('keeps people apart, and shows the owner only who said so', async () => {
		const { db } = await freshDatabase();
		await answered(db, 'M. Tveter', true);
		expect((await practiceOf(db, 'A. Lindgard', NOW)).skills.every(({ level }) => level === null)).toBe(true);
		expect(await progressShared(db, NOW)).toEqual([]);
		await shareProgress(db, 'M. Tveter', { isGiven: true, now: NOW });
		expect((await progressShared(db, NOW)).map(({ person }) => person)).toEqual(['M. Tveter']);
		await shareProgress(db, 'M. Tveter', { isGiven: false, now: NOW });
		expect(await progressShared(db, NOW)).toEqual([]);
	});

	it('takes no answer that was not offered, and puts no answer into the question', async () => {
		const { db } = await freshDatabase();
		const key = await nextExercise(db, 'M. Tveter', { now: NOW, seed: 5 });
		const done = await answerExercise(db, at('M. Tveter'), { key, answer: { chosen: '__proto__' } });
		expect(done).toEqual({ ok: false, error: expect.stringContaining('cannot be taken') });
		expect((await practiceOf(db, 'M. Tveter', NOW)).today.answers).toBe(0);
		const asked = (await questionOf(db, at('M. Tveter'), { key, looked: [] }))!;
		expect(Object.keys(asked.question).sort()).toEqual(['answer', 'drawing', 'given', 'looks', 'reason', 'task']);
		expect(JSON.stringify(asked)).not.toContain('outcome');
	});
});
