import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { readDocument } from '../../core/exchange';
import { STOP_SOCKET } from '../../../../tests/support/make';
import { freshDatabase } from '../../../../tests/support/database';
import { listCases } from '../repositories/practice-cases';
import { importDocument } from './exchange';
import { answerExercise, exerciseOf, nextExercise, practiceOf } from './practice';
import { gatherCases, leaveOut, writeCase } from './practice-cases';

const NOW = '2026-03-02T09:00:00.000Z';
const WRITTEN = {
	task: 'A lamp stays dark after it was turned round. What now?',
	given: '',
	right: 'Look at the contacts',
	why: 'A wedge base that is bent touches neither way.',
	wrong: [
		{ words: 'Sell another one', why: '' },
		{ words: '', why: '' }
	]
};

const OVERRULED = { by: 'O. Nameless', note: 'Mrs Nameless was wrong' };
const STOP = {
	...STOP_SOCKET,
	evidence: [
		{ fact: 'lens', value: 'clear', source: 'listing', by: 'O. Nameless', overruled: OVERRULED },
		{ fact: 'lens', value: 'red', source: 'in-hand', by: 'O. Nameless' }
	]
};
const VEHICLE = { id: 'sound-one', make: 'Made', model: 'Up', kind: 'car', market: 'UN', sockets: [STOP] };

const COMPLAINT = {
	id: 'C1',
	configuration: 'sound-one',
	socket: 'stop-L',
	symptom: 'Mrs Nameless says it hisses',
	seen: [{ symptom: 'radio-hiss', mode: 'reverse' }],
	state: 'settled',
	settled: 'O. Nameless put a ferrite on',
	cause: 'driver-radiates',
	on: '2026-02-01',
	minutes: 20
};

async function shopWith(complaints: object[]): Promise<Knex> {
	const { db } = await freshDatabase();
	const read = readDocument({ format: 'rotalux/1', configurations: [VEHICLE], complaints });
	if (!read.ok) throw new Error(JSON.stringify(read.error));
	await importDocument(db, read.value, { now: NOW });
	return db;
}

describe('cases of the house', () => {
	it('are taken in once from what was settled, without a name of anybody', async () => {
		const shop = await shopWith([COMPLAINT, { ...COMPLAINT, id: 'C2', state: 'open', cause: undefined }]);
		const { db } = await freshDatabase();
		expect(await gatherCases(shop, db, NOW)).toBe(2);
		expect(await gatherCases(shop, db, NOW)).toBe(0);
		const cases = await listCases(db);
		expect(cases.map(({ made }) => made.source).sort()).toEqual([
			'a question this shop settled',
			'a settled complaint of this shop'
		]);
		expect(JSON.stringify(cases)).not.toMatch(/nameless|says it hisses/i);
		const { number } = cases.find(({ ref }) => ref === 'complaint C1')!;
		const posed = (await exerciseOf(db, { kind: 'house-case', seed: number, level: 1 }))!;
		expect(posed.question.given[0]).toEqual({ label: 'Seen', value: expect.stringContaining('Reverse') });
	});

	it('left out, are not asked and not taken in again', async () => {
		const shop = await shopWith([COMPLAINT]);
		const { db } = await freshDatabase();
		await gatherCases(shop, db, NOW);
		for (const { number } of await listCases(db)) expect((await leaveOut(db, number, NOW)).ok).toBe(true);
		expect(await listCases(db)).toEqual([]);
		expect(await gatherCases(shop, db, NOW)).toBe(0);
		expect((await leaveOut(db, 99, NOW)).ok).toBe(false);
	});

	it('are written by a person, asked like the rest, and come back when missed', async () => {
		const { db } = await freshDatabase();
		expect((await practiceOf(db, 'M. Tveter', NOW)).skills.map(({ kind }) => kind)).not.toContain('house-case');
		expect(await writeCase(db, { ...WRITTEN, right: ' ' }, NOW)).toEqual({
			ok: false,
			error: 'Write the answer. Nothing was kept.'
		});
		expect(await writeCase(db, { ...WRITTEN, wrong: [{ words: WRITTEN.right, why: '' }] }, NOW)).toMatchObject({
			ok: false,
			error: expect.stringContaining('must not be the same')
		});
		expect((await writeCase(db, WRITTEN, NOW)).ok).toBe(true);
		const key = { kind: 'house-case', seed: 1, level: 1 } as const;
		const posed = (await exerciseOf(db, key))!;
		const { answer } = posed.question;
		const wrong = answer.by === 'choice' ? answer.choices.find(({ words }) => words === 'Sell another one')!.id : '';
		const at = { person: 'M. Tveter', now: NOW, seconds: 10 };
		const done = await answerExercise(db, at, { key, answer: { chosen: wrong } });
		expect(done).toMatchObject({ ok: true, value: { outcome: 'wrong', standsFor: 'Look at the contacts' } });
		const next = new Date(Date.parse(NOW) + 5 * 24 * 3_600_000).toISOString();
		expect(await nextExercise(db, 'M. Tveter', { now: next, seed: 1 })).toEqual(key);
	});
});
