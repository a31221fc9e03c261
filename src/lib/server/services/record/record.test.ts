import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { demoDatabase, freshDatabase, kitContextOn } from '../../../../../tests/support/database';
import { randomFrom } from '../../../../../tests/support/random';
import { kitOrder, type Configuration } from '../../../core/model';
import { configurationRows, findConfiguration } from '../../repositories/configurations';
import { lastEvent } from '../../repositories/events';
import { countQuestions } from '../../repositories/questions';
import { searchIds } from '../../repositories/search';
import { changeAlways } from '../../db/change';
import { exportVehicle } from '../exchange';
import { startKit } from '../kits';
import { dependenceOf, openShopQuestions } from '../questions';
import { changeRecord } from './change';
import { command, type Command } from './commands';
import { copyConfiguration, createConfiguration, mergeConfigurations, mergedInto, splitConfiguration } from './create';
import { configurationAt, historyOf, stepHistory } from './history';
import { CONFIGURATIONS, UNITS } from './store';
import { readyToTakeIn, takeIn } from './take-in';
import { fitUnit, makeUnit, showUnits } from './units';

const CAR = 'fenholm-skerry-ii-2017';
const NOW = '2026-11-25T08:00:00.000Z';
const A = { by: 'A. Person', now: NOW };
const B = { by: 'B. Person', now: '2026-11-25T09:00:00.000Z' };

const claim = (socket: string, facts: object, source = 'in-hand'): Command =>
	command.parse({ kind: 'claim', subject: { kind: 'socket', id: socket }, facts, source });

async function change(db: Knex, wanted: Command, { id = CAR, base = -1, actor = A } = {}) {
	const seen = base < 0 ? await lastEvent(db, CONFIGURATIONS.name(id)) : base;
	return changeRecord(db, { id, base: seen, command: wanted }, actor);
}

const socketOf = async (db: Knex, socket: string, id = CAR) =>
	(await findConfiguration(db, id))?.sockets.find((s) => s.id === socket);

describe('a change', () => {
	it('is one event with who, when and what; undo and redo lead back and forth to the letter', async () => {
		const { db } = await demoDatabase();
		const before = await exportVehicle(db, CAR);
		const done = await change(db, claim('dome', { lens: 'smoked', 'envelope.holderLength': 37 }, 'manual'));
		expect(done).toMatchObject({
			ok: true,
			value: { what: 'Dome: lens smoked, holder length 37 mm, manual', unit: null }
		});
		const after = await exportVehicle(db, CAR);
		expect(after).not.toEqual(before);
		expect((await historyOf(db, CONFIGURATIONS, CAR)).events[0]).toMatchObject({
			by: 'A. Person',
			at: NOW,
			kind: 'change'
		});
		expect((await stepHistory(db, CONFIGURATIONS, { id: CAR, way: 'undo', actor: B })).ok).toBe(true);
		expect(await exportVehicle(db, CAR)).toEqual(before);
		expect(await stepHistory(db, CONFIGURATIONS, { id: CAR, way: 'undo', actor: B })).toEqual({
			ok: false,
			error: 'There is nothing to undo.'
		});
		expect((await stepHistory(db, CONFIGURATIONS, { id: CAR, way: 'redo', actor: B })).ok).toBe(true);
		expect(await exportVehicle(db, CAR)).toEqual(after);
	});

	it('of nothing leaves no event', async () => {
		const { db } = await demoDatabase();
		const before = await lastEvent(db, CONFIGURATIONS.name(CAR));
		const order = command.parse({ kind: 'absent', place: 'front:drl', absent: false });
		expect(await change(db, order)).toMatchObject({ ok: true });
		expect(await lastEvent(db, CONFIGURATIONS.name(CAR))).toBe(before);
	});

	it('the record can be seen as it stood after any event', async () => {
		const { db } = await demoDatabase();
		const lenses = ['smoked', 'amber', 'clear'];
		for (const [i, lens] of lenses.entries())
			await change(db, claim('dome', { lens }), { actor: { by: `P${i}`, now: `2026-12-0${i + 1}T00:00:00.000Z` } });
		const { events } = await historyOf(db, CONFIGURATIONS, CAR);
		const lensAfter = async (event: number) =>
			(await configurationAt(db, CAR, event))?.sockets.find((s) => s.id === 'dome')?.lens;
		const seen = await Promise.all([...events].reverse().map((event) => lensAfter(event.id)));
		expect(seen).toEqual(['clear', 'smoked', 'amber', 'clear']);
	});

	it.each([
		['add-line', { line: 'fog 2 c5w', source: 'in-hand' }, 'festoon lamp'],
		[
			'claim',
			{ subject: { kind: 'socket', id: 'dome' }, facts: { category: 'H99' }, source: 'manual' },
			'not a known lamp category'
		],
		['claim', { subject: { kind: 'socket', id: 'dome' }, facts: { lens: 7 }, source: 'manual' }, 'sockets'],
		['channel', { channel: { id: 'x', feeds: [{ socket: 'nobody', function: 'stop' }] } }, 'is not a socket of'],
		['remove', { socket: 'nobody' }, 'no longer in this record'],
		['sister', { from: 'nobody', sockets: ['dome'] }, 'There is no vehicle “nobody”']
	])('%s that cannot be made says why, and nothing is written', async (kind, rest, message) => {
		const { db } = await demoDatabase();
		const before = await exportVehicle(db, CAR);
		const done = await change(db, command.parse({ kind, ...rest }));
		expect(!done.ok && done.error.message).toContain(message);
		expect(await exportVehicle(db, CAR)).toEqual(before);
	});
});

describe('two people at one record', () => {
	it('meet only where both change the same thing', async () => {
		const { db } = await demoDatabase();
		const base = await lastEvent(db, CONFIGURATIONS.name(CAR));
		await change(db, claim('dome', { lens: 'smoked' }), { base, actor: B });
		expect(await change(db, claim('glovebox', { lens: 'clear' }), { base })).toMatchObject({ ok: true });
		expect(await change(db, claim('dome', { optic: 'reflector' }), { base })).toMatchObject({ ok: true });
		const clash = await change(db, claim('dome', { lens: 'red' }), { base });
		expect(clash).toMatchObject({
			ok: false,
			error: {
				kind: 'conflict',
				message: expect.stringContaining('changed this while you were at it'),
				theirs: ['Lens: smoked, measured in hand, 2026-11-25, B. Person'],
				mine: [expect.stringContaining('Lens: red')]
			}
		});
		expect((await socketOf(db, 'dome'))?.lens).toBe('smoked');
		expect(await change(db, claim('dome', { lens: 'red' }))).toMatchObject({ ok: true });
	});
});

describe('questions', () => {
	it('open, say what depends on them, and close when they are settled', async () => {
		const { db } = await demoDatabase();
		const ctx = kitContextOn(db, NOW);
		await startKit(ctx, CAR, { name: 'Kit', order: kitOrder.parse({ scope: 'rear' }) });
		const open = await countQuestions(db, CAR);
		await change(db, claim('reverse-L', { category: 'W21W' }, 'customer'));
		expect(await countQuestions(db, CAR)).toBe(open + 1);
		const { questions, total } = await openShopQuestions(db);
		expect(total).toBe(await countQuestions(db));
		expect((await openShopQuestions(db, { from: total - 1 })).questions).toEqual(questions.slice(-1));
		const asked = questions.find((q) => q.subject.id === 'reverse-L');
		expect(asked).toMatchObject({ fact: 'category', values: [{ text: 'W16W' }, { text: 'W21W' }] });
		const depends = await dependenceOf(db, CAR, { kind: 'socket', subject: 'reverse-L', fact: 'category' });
		expect(depends?.consequences[0]?.changes).toEqual([]);
		expect(depends?.consequences[1]?.changes.length).toBeGreaterThan(0);
		expect(depends?.kits).toMatchObject([{ id: 'K1', products: [expect.any(String)] }]);
		const decided = { kind: 'settle', subject: { kind: 'socket', id: 'reverse-L' }, fact: 'category', value: 'W16W' };
		expect(await change(db, command.parse(decided))).toMatchObject({ ok: true });
		expect(await countQuestions(db, CAR)).toBe(open);
		expect(await dependenceOf(db, CAR, { kind: 'socket', subject: 'reverse-L', fact: 'category' })).toBeNull();
	});

	it('a third value needs a source of its own', async () => {
		const { db } = await demoDatabase();
		await change(db, claim('reverse-L', { category: 'W21W' }, 'customer'));
		const third = { kind: 'settle', subject: { kind: 'socket', id: 'reverse-L' }, fact: 'category', value: 'P21W' };
		expect(await change(db, command.parse(third))).toMatchObject({ ok: false, error: { kind: 'problem' } });
		expect(await change(db, command.parse({ ...third, source: 'in-hand' }))).toMatchObject({ ok: true });
		expect((await socketOf(db, 'reverse-L'))?.category).toBe('P21W');
	});
});

describe('records as a whole', () => {
	const identity = { make: 'Solvik', model: 'Brygge', kind: 'car' as const, market: 'UN' };

	it('a new one gets an id; a taken id and years that overlap are refused', async () => {
		const { db } = await freshDatabase();
		expect(await createConfiguration(db, identity, A)).toMatchObject({ ok: true, value: { id: 'solvik-brygge' } });
		const again = await createConfiguration(db, { ...identity, id: 'solvik-brygge', model: 'Other' }, A);
		expect(!again.ok && again.error).toContain('belongs to another vehicle');
		const alike = await createConfiguration(db, identity, A);
		expect(!alike.ok && alike.error).toContain('nothing else tells the two apart');
		expect(await createConfiguration(db, { ...identity, body: 'estate' }, A)).toMatchObject({
			value: { id: 'solvik-brygge-2' }
		});
	});

	it('a copy holds everything as assumed, a split keeps the evidence, and a merge needs two that are alike', async () => {
		const { db } = await demoDatabase();
		const copy = await copyConfiguration(db, { from: CAR, identity: { ...identity, market: 'UN' } }, A);
		expect(copy.ok && copy.value.sockets).toHaveLength(37);
		const sources = copy.ok ? copy.value.sockets.flatMap((s) => s.evidence ?? []).map((e) => e.source) : [];
		expect(new Set(sources)).toEqual(new Set(['assumed']));

		const parted = await splitConfiguration(db, { id: CAR, cut: { by: 'year', from: 2019 } }, A);
		const id = parted.ok ? parted.value.id : '';
		expect(id).toBe('fenholm-skerry-ii-2019');
		await change(db, claim('dome', { lens: 'smoked' }), { id });
		const unlike = await mergeConfigurations(db, { keep: CAR, drop: id }, A);
		expect(!unlike.ok && unlike.error.differences.map((d) => [d.place, d.fact])).toEqual([['Dome', 'Lens']]);
		await stepHistory(db, CONFIGURATIONS, { id, way: 'undo', actor: A });
		expect(await mergeConfigurations(db, { keep: CAR, drop: id }, A)).toMatchObject({
			ok: true,
			value: { years: [2017, 2021] }
		});
		expect([await findConfiguration(db, id), await mergedInto(db, id)]).toEqual([null, CAR]);
	});
});

/** What stands beside a vehicle's document, and what would if it were written anew. */
async function beside(db: Knex, id: string) {
	const stored = await CONFIGURATIONS.find(db, id);
	if (!stored) throw new Error(`${id} is gone.`);
	const anew = await configurationRows(db, stored, { before: null });
	const words: { words: string } | undefined = await db('configuration_search').where({ id }).first('words');
	const units: { unit_id: string }[] = await db('unit_uses').where({ configuration_id: id });
	const questions: object[] = await db('open_questions').where({ configuration_id: id });
	const sorted = (rows: readonly object[] | null) => (rows ?? []).map((row) => JSON.stringify(row)).sort();
	return {
		kept: [words?.words, units.map((use) => use.unit_id).sort(), sorted(questions)],
		anew: [anew.words, anew.units?.sort(), sorted(anew.questions)]
	};
}

describe('what vehicles are found by, and what is open of them', () => {
	const VEHICLES = [CAR, 'fenholm-skerry-i-2012', 'tarrow-packhorse-2014'];

	it('is what it would be if every vehicle were written anew, whatever was done in whatever order', async () => {
		const { db } = await demoDatabase();
		const random = randomFrom(29);
		const one = <T>(of: readonly T[]) => of[Math.floor(random() * of.length)] as T;
		const renamed = async (id: string) => {
			const { make, kind, market, years } = (await findConfiguration(db, id)) as Configuration;
			return command.parse({
				kind: 'identity',
				identity: { make, kind, market, years, model: one(['Skerry', 'Tern', 'Quay']) }
			});
		};
		const socket = () => one(['repeater-L', 'repeater-R', 'fog-L', 'stop-L', 'dome']);
		const steps: ((id: string) => Promise<unknown>)[] = [
			async (id) =>
				change(db, claim(socket(), { lens: one(['smoked', 'amber', 'clear']) }, one(['in-hand', 'manual', 'maker'])), {
					id
				}),
			async (id) =>
				change(
					db,
					claim(socket(), { category: one(['W5W', 'WY5W', 'H8', null]) }, one(['in-hand', 'manual', 'maker'])),
					{ id }
				),
			async (id) => change(db, claim(socket(), { 'envelope.holderLength': one([30, 37]) }, 'manual'), { id }),
			async (id) => change(db, await renamed(id), { id }),
			async (id) => change(db, command.parse({ kind: 'leave-unit', unit: 'repeater-oval' }), { id }),
			async (id) => stepHistory(db, CONFIGURATIONS, { id, way: one(['undo', 'redo']), actor: B }),
			async () => stepHistory(db, UNITS, { id: 'repeater-oval', way: one(['undo', 'redo']), actor: B }),
			async (id) => makeUnit(db, { configuration: id, sockets: [socket()], name: `Unit ${id}`, marks: [] }, A),
			async (id) => fitUnit(db, { configuration: id, unit: 'repeater-oval', zone: 'front', sides: ['left'] }, A)
		];
		const seen = new Set<string>();
		for (let step = 0; step < 80; step++) {
			await one(steps)(one(VEHICLES));
			for (const id of VEHICLES) {
				const { kept, anew } = await beside(db, id);
				expect(kept).toEqual(anew);
				seen.add(JSON.stringify(kept));
			}
		}
		// Words, units and questions have been others on the way.
		expect(seen.size).toBeGreaterThan(20);
	});
});

describe('a file that was worked out before', () => {
	it('brings a vehicle back whole that was merged away meanwhile: it is found, and its questions are open', async () => {
		const { db } = await demoDatabase();
		const parted = await splitConfiguration(db, { id: CAR, cut: { by: 'year', from: 2019 } }, A);
		const drop = parted.ok ? parted.value.id : '';
		const before = await CONFIGURATIONS.find(db, drop);
		const file = { ...before!, notes: 'from a file' } as Configuration;
		const incoming = { units: [], configurations: [file], products: [], accessories: [] };
		const ready = await readyToTakeIn(db, incoming, { actor: B });
		expect(await mergeConfigurations(db, { keep: CAR, drop }, A)).toMatchObject({ ok: true });
		expect((await searchIds(db, [file.make, file.model], 99)).ids).not.toContain(drop);
		await changeAlways(db, (tx) => takeIn(tx, ready));
		const { kept, anew } = await beside(db, drop);
		expect(kept).toEqual(anew);
		expect((await searchIds(db, [file.make, file.model], 99)).ids).toContain(drop);
	});
});

describe('shared lamp units', () => {
	it('keep a fact once for every vehicle, and question it in each', async () => {
		const { db } = await demoDatabase();
		const id = 'fenholm-skerry-i-2012';
		const other = async () => (await socketOf(db, 'repeater-R', 'tarrow-packhorse-2014'))?.lens;
		expect(await other()).toBe('clear');
		const done = await change(db, claim('repeater-L', { lens: 'smoked' }), { id });
		expect(done).toMatchObject({ ok: true, value: { unit: 'repeater-oval' } });
		expect(await other()).toBe('smoked');
		await change(db, claim('repeater-L', { keyAngle: 15 }), { id });
		expect((await socketOf(db, 'repeater-L', id))?.keyAngle).toBe(15);
		expect((await socketOf(db, 'repeater-R', id))?.keyAngle).toBeUndefined();
		expect(await stepHistory(db, UNITS, { id: 'repeater-oval', way: 'undo', actor: A })).toMatchObject({ ok: true });
		expect(await other()).toBe('clear');
	});

	it('are begun from the sockets of one side, joined by the other, and fitted elsewhere', async () => {
		const { db } = await demoDatabase();
		const made = await makeUnit(db, { configuration: CAR, sockets: ['fog-L'], name: 'Fog, round', marks: ['X1'] }, A);
		expect(made).toMatchObject({ ok: true, value: { id: 'fog-round' } });
		expect((await socketOf(db, 'fog-R'))?.unit).toEqual({ id: 'fog-round', place: 'Front fog' });
		const fitted = await fitUnit(
			db,
			{ configuration: 'fenholm-skerry-ii-2017-reflector', unit: 'fog-round', zone: 'front', sides: ['left', 'right'] },
			A
		);
		expect(fitted.ok).toBe(true);
		expect((await socketOf(db, 'fog-R', 'fenholm-skerry-ii-2017-reflector'))?.category).toBe('H8');
		expect((await showUnits(db)).find((u) => u.id === 'fog-round')?.vehicles).toHaveLength(2);
		const twice = await makeUnit(db, { configuration: CAR, sockets: ['fog-L'], name: 'Again', marks: [] }, A);
		expect(!twice.ok && twice.error).toContain('already belongs to a shared unit');
	});
});
