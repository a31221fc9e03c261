import { describe, expect, it } from 'vitest';
import type { Knex } from 'knex';
import { demoDatabase, kitContextOn } from '../../../../tests/support/database';
import { dumpOf } from '../../../../tests/support/dump';
import { kitOrder } from '../../core/model';
import { findProduct } from '../repositories/products';
import { changeAssumptions } from './assumptions';
import { checkDraft, chooseInKit, dropRevision, releaseKit, renameKit, reorderKit, reviseKit, startKit } from './kits';
import { changePolicy } from './policy';
import { changeRecord } from './record/change';
import { command, type Command } from './record/commands';
import { copyConfiguration, createConfiguration, mergeConfigurations, splitConfiguration } from './record/create';
import { stepHistory } from './record/history';
import { CONFIGURATIONS, PRODUCTS, UNITS } from './record/store';
import { fitUnit, makeUnit } from './record/units';
import { addProductEvidence, saveAccessory, saveProduct } from './stock';

const ACTOR = { by: 'A. Person', now: '2026-11-27T10:00:00.000Z' };
const CAR = 'fenholm-skerry-ii-2017';
const BIKE = 'brisken-fjell-650-2010';

/** One command of each kind that cannot be made. */
const COMMANDS: Record<Command['kind'], unknown> = {
	'add-line': { line: 'low h7 zonk', source: 'in-hand' },
	absent: { place: 'nowhere:drl', absent: true },
	claim: { subject: { kind: 'socket', id: 'dome' }, facts: { keyAngle: 'wide' }, source: 'in-hand' },
	settle: { subject: { kind: 'socket', id: 'nobody' }, fact: 'lens', value: 'red' },
	tested: {
		subject: { kind: 'channel', id: 'nobody' },
		fact: 'monitor.minCurrent',
		value: 0.4,
		narrows: true,
		note: 'x'
	},
	place: { socket: 'nobody', place: { zone: 'front', side: 'left', index: 1, functions: ['fog'] } },
	remove: { socket: 'nobody' },
	order: { sockets: ['nobody'] },
	mirror: {},
	sister: { from: 'nobody', sockets: [] },
	channel: { channel: { id: 'stop', feeds: [{ socket: 'nobody', function: 'stop' }] } },
	'usual-channels': {},
	'remove-channel': { channel: 'nobody' },
	flasher: { flasher: { kind: 'plug-in', pins: 3 } },
	identity: { identity: { make: 'Fenholm', model: 'Skerry', kind: 'car', market: 'UN', years: [2021, 2017] } },
	'leave-unit': { unit: 'nobody' },
	'access-line': { line: 'headlamp off; after nobody', source: 'in-hand' },
	operation: { operation: { id: 'a', title: 'A', after: ['a'] }, source: 'in-hand' },
	'remove-operation': { operation: 'nobody' },
	'mirror-access': { from: 'left' },
	'sister-access': { from: 'nobody', operations: [] }
};

/** Commands that say no only to an older page, or never. */
const NEVER_REFUSED = new Set(['order', 'mirror', 'usual-channels', 'flasher', 'leave-unit']);

describe('a refusal leaves the database as it was, to the last byte', () => {
	/** Does the work on a demo of its own. */
	async function expectRefused(...works: ((db: Knex) => Promise<{ ok: boolean }>)[]): Promise<void> {
		const { db } = await demoDatabase();
		const before = await dumpOf(db);
		for (const work of works) {
			expect(await work(db)).toMatchObject({ ok: false });
			expect(await dumpOf(db)).toBe(before);
		}
	}

	it.each(Object.entries(COMMANDS).filter(([kind]) => !NEVER_REFUSED.has(kind)))('command %s', async (kind, more) => {
		const read = command.safeParse({ kind, ...(more as object) });
		// What cannot even be read is never asked of the database.
		if (read.success) await expectRefused((db) => changeRecord(db, { id: CAR, base: 1e9, command: read.data }, ACTOR));
	});

	it('every command, of a vehicle that is not there', async () => {
		const readable = Object.entries(COMMANDS).flatMap(([kind, more]) => {
			const read = command.safeParse({ kind, ...(more as object) });
			return read.success ? [read.data] : [];
		});
		expect(readable.length).toBeGreaterThan(10);
		await expectRefused(
			...readable.map((one) => (db: Knex) => changeRecord(db, { id: 'nobody', base: 0, command: one }, ACTOR))
		);
	});

	const identity = { make: 'Fenholm', model: 'Skerry', kind: 'car' as const, market: 'UN' };
	it.each<[string, (db: Knex) => Promise<{ ok: boolean }>]>([
		['beginning a record under an id that is taken', (db) => createConfiguration(db, { ...identity, id: CAR }, ACTOR)],
		['copying a record that is not there', (db) => copyConfiguration(db, { from: 'nobody', identity }, ACTOR)],
		[
			'copying under an absurd year',
			(db) => copyConfiguration(db, { from: CAR, identity: { ...identity, years: [1066, 1067] as never } }, ACTOR)
		],
		[
			'splitting at a year outside',
			(db) => splitConfiguration(db, { id: CAR, cut: { by: 'year', from: 1990 } }, ACTOR)
		],
		[
			'splitting at half a year, with the first half cut already',
			(db) => splitConfiguration(db, { id: CAR, cut: { by: 'year', from: 2018.5 } }, ACTOR)
		],
		[
			'splitting by an option that does not differ',
			(db) =>
				splitConfiguration(db, { id: CAR, cut: { by: 'option', option: 'headlamp', stays: 'a', becomes: 'a' } }, ACTOR)
		],
		['merging two that differ', (db) => mergeConfigurations(db, { keep: CAR, drop: BIKE }, ACTOR)],
		['a step of history there is not', (db) => stepHistory(db, CONFIGURATIONS, { id: CAR, way: 'redo', actor: ACTOR })],
		[
			'undoing what somebody else has changed since',
			(db) => stepHistory(db, CONFIGURATIONS, { id: CAR, way: 'undo', base: 0, actor: ACTOR })
		],
		['a step of a unit there is not', (db) => stepHistory(db, UNITS, { id: 'nobody', way: 'undo', actor: ACTOR })],
		[
			'a shared unit of nothing',
			(db) => makeUnit(db, { configuration: CAR, sockets: [], name: 'x', marks: [] }, ACTOR)
		],
		[
			'fitting a unit there is not',
			(db) => fitUnit(db, { configuration: CAR, unit: 'nobody', zone: 'rear', sides: ['left'] }, ACTOR)
		],
		[
			'a product in stock already',
			async (db) => saveProduct(db, { input: await findProduct(db, 'GL-P21-RD'), isNew: true }, ACTOR)
		],
		[
			'a product somebody else has changed',
			async (db) => saveProduct(db, { input: await findProduct(db, 'GL-P21-RD'), isNew: false, base: 0 }, ACTOR)
		],
		[
			'a SKU of another thing',
			(db) =>
				saveAccessory(
					db,
					{
						input: { id: 'new', kind: 'cap', scope: 'lamp', packs: [{ sku: 'GL-P21-RD-2', count: 1, price: 1 }] },
						isNew: true
					},
					ACTOR
				)
		],
		[
			'evidence for a product that is not there',
			(db) =>
				addProductEvidence(db, { id: 'nobody', item: { fact: 'limit', value: 1, source: 'in-hand' } as never }, ACTOR)
		],
		[
			'a step of a product never changed',
			(db) => stepHistory(db, PRODUCTS, { id: 'GL-P21-RD', way: 'redo', actor: ACTOR })
		],
		[
			'an assumption out of its range',
			(db) =>
				changeAssumptions(db, [{ id: 'heat.ambient.rear.high', set: { value: 1e9, source: 'x', on: '2026-11-27' } }])
		],
		['a policy somebody else has changed', (db) => changePolicy(db, { headlamps: 'signals-only' }, 'another')],
		[
			'a kit for a vehicle that is not there',
			(db) => startKit(kitContextOn(db), 'nobody', { name: 'K', order: kitOrder.parse({}) })
		],
		['renaming a kit that is not there', (db) => renameKit(kitContextOn(db), 'nobody', { name: 'x' })],
		['reordering one', (db) => reorderKit(kitContextOn(db), 'nobody', { change: (order) => order })],
		['choosing in one', (db) => chooseInKit(kitContextOn(db), 'nobody', { socketId: 'dome', choice: null })],
		['checking one', (db) => checkDraft(kitContextOn(db), 'nobody', { by: 'A', found: {} })],
		['releasing one', (db) => releaseKit(kitContextOn(db), 'nobody')],
		['revising one', (db) => reviseKit(kitContextOn(db), 'nobody')],
		['dropping a revision of one', (db) => dropRevision(kitContextOn(db), 'nobody')]
	])('%s', async (_, work) => expectRefused(work));
});
