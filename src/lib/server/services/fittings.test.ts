import type { Knex } from 'knex';
import { describe, expect, it, onTestFinished, vi } from 'vitest';
import { demoDatabase, kitContextOn, putRecords } from '../../../../tests/support/database';
import { solver } from '../../../../tests/support/solver';
import { kitOrder } from '../../core/model';
import { openQuestions } from '../../core/vehicle';
import { findConfiguration } from '../repositories/configurations';
import { changeAlways } from '../db/change';
import { findFitting, findPicture, keepPicture, marksOf } from '../repositories/fittings';
import { sentMarks, showFitting, startFitting, stepsOf, takeMarks } from './fittings';
import { fitUpOf, kitSheet, startKit } from './kits';
import { mergeConfigurations, splitConfiguration } from './record/create';

const CAR = 'fenholm-skerry-i-2012';
const NOW = '2026-11-28T10:00:00.000Z';
const ACTOR = { by: 'M. Tveter', now: NOW };

/** A running fitting of a kit for the front of the demo's hatchback. */
async function fitting(): Promise<{ db: Knex; steps: string[] }> {
	const { db } = await demoDatabase();
	const kit = await startKit(kitContextOn(db, NOW), CAR, { name: 'Front', order: kitOrder.parse({ scope: 'front' }) });
	if (!kit.ok) throw new Error(kit.error);
	const sheet = (await kitSheet(db, CAR, { id: kit.value.id }))!;
	const plan = await fitUpOf(sheet, solver);
	await startFitting(db, sheet, { plan, id: 'F1', actor: ACTOR });
	return { db, steps: stepsOf(plan) };
}

let number = 0;
const sent = (kind: string, step: string, more: object = {}) => ({
	uid: `mark-${String((number += 1)).padStart(6, '0')}`,
	kind,
	step,
	at: '2026-11-28T09:00:00.000Z',
	...more
});
const take = (db: Knex, ...marks: object[]) =>
	takeMarks(db, 'F1', { marks: sentMarks.parse({ marks }).marks, actor: ACTOR });

it('pictures are kept once, and none beyond what all of them may take', async () => {
	const { db } = await demoDatabase();
	const keep = (hash: string) =>
		changeAlways(db, (tx) => keepPicture(tx, hash, { type: 'image/png', bytes: new Uint8Array(600_000) }));
	vi.stubEnv('ROTALUX_PICTURES', '1');
	onTestFinished(() => void vi.unstubAllEnvs());
	await keep('a');
	await keep('a');
	await expect(keep('b')).rejects.toThrow('all the room they may');
	expect(await findPicture(db, 'b')).toBeNull();
	vi.stubEnv('ROTALUX_PICTURES', '2');
	await keep('b');
	expect((await findPicture(db, 'b'))?.bytes.length ?? 0).toBe(600_000);
});

describe('a fitting', () => {
	it('keeps what is ticked once, however often it is sent', async () => {
		const { db, steps } = await fitting();
		const tick = sent('done', steps[0]!);
		await take(db, tick);
		await take(db, tick, sent('done', steps[1]!));
		expect((await marksOf(db, 'F1')).map(({ step, by }) => [step, by])).toEqual([
			[steps[0], 'M. Tveter'],
			[steps[1], 'M. Tveter']
		]);
	});

	it('what was different becomes evidence, may open a question, and stands in the next plan', async () => {
		const { db } = await fitting();
		const lamp = 'lamp turn-front-L';
		const depth = {
			kind: 'claim',
			subject: { kind: 'socket', id: 'turn-front-L' },
			facts: { 'envelope.frontLength': 31 },
			source: 'in-hand'
		};
		const screw = {
			kind: 'claim',
			subject: { kind: 'operation', id: 'airbox-duct' },
			facts: { cautions: ['a hidden screw below'] },
			source: 'in-hand'
		};
		const done = await take(
			db,
			sent('different', lamp, { text: 'Depth behind', command: depth }),
			sent('different', 'do airbox-duct', { command: screw })
		);
		expect(done.ok && done.value.map(({ taken }) => taken)).toEqual([true, true]);
		const car = (await findConfiguration(db, CAR))!;
		const asked = openQuestions(car).find(
			({ subject, fact }) => subject.id === 'turn-front-L' && fact === 'envelope.frontLength'
		);
		expect(asked?.values.map(({ value }) => value)).toContain(31);
		const sheet = (await kitSheet(db, CAR, { id: (await findFitting(db, 'F1'))!.kitId }))!;
		const { steps } = await fitUpOf(sheet, solver);
		expect(steps.find(({ id }) => id === 'do airbox-duct')?.cautions).toEqual(['a hidden screw below']);
	});

	it('what answers an open question settles it', async () => {
		const { db } = await fitting();
		const depth = (value: number) => ({
			kind: 'claim',
			subject: { kind: 'socket', id: 'turn-front-L' },
			facts: { 'envelope.frontLength': value },
			source: 'in-hand'
		});
		const asked = async () =>
			openQuestions((await findConfiguration(db, CAR))!).filter(({ subject }) => subject.id === 'turn-front-L');
		await takeMarks(db, 'F1', {
			marks: sentMarks.parse({ marks: [sent('different', 'lamp turn-front-L', { command: depth(31) })] }).marks,
			actor: { ...ACTOR, by: 'A. Lindgard' }
		});
		expect(await asked()).toHaveLength(1);
		await take(db, sent('different', 'lamp turn-front-L', { command: depth(31) }));
		expect(await asked()).toEqual([]);
	});

	it('what the record cannot take is kept as words, with the reason', async () => {
		const { db } = await fitting();
		const nonsense = {
			kind: 'claim',
			subject: { kind: 'socket', id: 'turn-front-L' },
			facts: { category: 'H99' },
			source: 'in-hand'
		};
		await take(db, sent('different', 'lamp turn-front-L', { text: 'Another lamp', command: nonsense }));
		const [mark] = await marksOf(db, 'F1');
		expect(mark).toMatchObject({ taken: false, text: expect.stringContaining('Another lamp') });
	});

	it('refuses steps and commands that are none, and writes nothing of the rest', async () => {
		const { db, steps } = await fitting();
		expect(await take(db, sent('done', steps[0]!), sent('done', 'nowhere'))).toMatchObject({ ok: false });
		expect(await marksOf(db, 'F1')).toEqual([]);
		const remove = { kind: 'remove', socket: 'turn-front-L' };
		expect(sentMarks.safeParse({ marks: [sent('different', steps[0]!, { command: remove })] }).success).toBe(false);
		expect(await takeMarks(db, 'F9', { marks: [], actor: ACTOR })).toMatchObject({ ok: false });
	});

	it('goes with its vehicle into the one that takes it in', async () => {
		const { db, steps } = await fitting();
		await take(db, sent('done', steps[0]!));
		const parted = await splitConfiguration(db, { id: CAR, cut: { by: 'year', from: 2014 } }, ACTOR);
		const id = parted.ok ? parted.value.id : '';
		expect(await mergeConfigurations(db, { keep: id, drop: CAR }, ACTOR)).toMatchObject({ ok: true });
		expect((await findFitting(db, 'F1'))?.configurationId).toBe(id);
	});

	it('keeps a picture by its hash, and the fitting knows it', async () => {
		const { db, steps } = await fitting();
		const picture = `data:image/png;base64,${Buffer.from('not really a picture').toString('base64')}`;
		await take(db, sent('photo', steps[2]!, { picture }));
		const { marks } = (await showFitting(db, 'F1'))!;
		expect((await findPicture(db, marks[0]!.picture!))?.type).toBe('image/png');
	});

	it('times of operations nobody had timed go on record when it is finished, others keep theirs', async () => {
		const { db } = await fitting();
		const before = (await findConfiguration(db, CAR))!;
		const [first, second, ...rest] = before.access!.operations;
		const { minutesOff: _minutes, evidence: _evidence, ...untimed } = second!;
		await putRecords(db, {
			configurations: [{ ...before, access: { ...before.access!, operations: [first!, untimed as never, ...rest] } }]
		});
		const at = (minute: number) => ({ at: new Date(Date.parse(NOW) - (90 - minute) * 60_000).toISOString() });
		await take(
			db,
			sent('go-on', 'before', at(0)),
			sent('done', 'before', at(1)),
			sent('done', 'do bonnet', at(20)),
			sent('done', 'do airbox-duct', at(26)),
			sent('finish', 'after', at(30))
		);
		const car = (await findConfiguration(db, CAR))!;
		const timed = Object.fromEntries((car.access?.operations ?? []).map(({ id, minutesOff }) => [id, minutesOff]));
		expect([timed['bonnet'], timed['airbox-duct']]).toEqual([1, 6]);
		expect((await findFitting(db, 'F1'))?.state).toBe('finished');
	});
});
