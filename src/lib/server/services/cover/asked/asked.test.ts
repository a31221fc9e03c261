import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoDocument } from '../../../demo/document';
import { databaseForAll } from '../../../../../../tests/support/database';
import { solver } from '../../../../../../tests/support/solver';
import { changeAlways } from '../../../db/change';
import { countAsked, putRegistered } from '../../../repositories/demand';
import { importDocument } from '../../exchange';
import { coverIn, runCover } from '../run';
import { COVER_TABLES, type AskCover } from '../tables';
import { COVER_QUESTIONS } from '.';
import type { CoverAsked, CoverTools } from './tools';

const now = '2026-11-28T10:00:00.000Z';
const EVERYTHING: CoverAsked = { from: 'catalogue', ledOnly: true, weigh: 'even' };
let db: Knex;
let close: () => Promise<void>;
let tools: CoverTools;

beforeAll(async () => {
	({ db, close } = await databaseForAll());
	await importDocument(db, demoDocument(), { now, by: null });
	await runCover(db, { now: () => now });
	tools = { db, cover: (await coverIn(db)).cover, solver, now };
});
afterAll(() => close());

const ask: AskCover = async (question, ...asked) =>
	(COVER_QUESTIONS[question] as (...all: unknown[]) => never)(tools, ...asked);

describe('every number', () => {
	it('opens into as many sockets as it says: by function, category and function, and whole', async () => {
		const { byFunction, offers } = await ask('overview', EVERYTHING);
		const page = { from: 0, most: 1 };
		const { total } = await ask('places', EVERYTHING, { stands: 'served', ...page });
		expect(total).toBe(offers.catalogue.all.served);
		for (const { key, sockets, served } of byFunction) {
			const fn = { function: key as 'stop', ...page };
			expect((await ask('places', EVERYTHING, { stands: 'served', ...fn })).total).toBe(served);
			expect((await ask('places', EVERYTHING, { stands: 'open', ...fn })).total).toBe(sockets - served);
		}
		const { rows } = await ask('matrix', EVERYTHING);
		for (const { category, cells } of rows.slice(0, 8))
			for (const [fn, { served }] of Object.entries(cells))
				expect(
					(await ask('places', EVERYTHING, { stands: 'served', category, function: fn as 'stop', ...page })).total
				).toBe(served);
	});

	it('of a missing product opens into its sockets, and the catalogue names what does it', async () => {
		const { missing, never, open } = await ask('missing', { ...EVERYTHING, from: 'shelf' });
		expect(missing.length).toBeGreaterThan(0);
		for (const { key, sockets, catalogue } of missing) {
			const { total } = await ask(
				'places',
				{ ...EVERYTHING, from: 'shelf' },
				{ stands: 'open', key, from: 0, most: 1 }
			);
			expect(total).toBe(sockets);
			expect(catalogue?.sockets).toBeGreaterThan(0);
		}
		expect(never.reduce((sum, { sockets }) => sum + sockets, 0)).toBeLessThanOrEqual(open.sockets);
	});
});

describe('the fleet', () => {
	it('shows every vehicle once, in parts, its cells as many as its sockets', async () => {
		const wish = { order: 'open', share: [0, 1] } as const;
		const first = await ask('fleet', EVERYTHING, { ...wish, from: 0, most: 5 });
		const rest = await ask('fleet', EVERYTHING, { ...wish, from: 5, most: 100 });
		const wheels = [...first.wheels, ...rest.wheels];
		expect(new Set(wheels.map(({ id }) => id)).size).toBe(first.total);
		expect(first.histogram.reduce((a, b) => a + b, 0)).toBe(first.total);
		const opens = wheels.map(({ sockets, served }) => sockets - served);
		expect(opens).toEqual([...opens].sort((a, b) => b - a));
		for (const { cells, sockets } of wheels)
			expect(cells.filter(([, , , stands]) => stands !== 5).length).toBe(sockets);
	});

	it('by share shows only those', async () => {
		const { total, wheels } = await ask('fleet', EVERYTHING, { order: 'name', share: [1, 1], from: 0, most: 100 });
		expect(wheels).toHaveLength(total);
		for (const { sockets, served } of wheels) expect(served).toBe(sockets);
	});
});

it('what is wanted changes the answer as soon as it is written', async () => {
	const asked: CoverAsked = { ...EVERYTHING, weigh: 'registered' };
	expect((await ask('overview', asked)).offers.catalogue.all.weight).toBe(0);
	const id = tools.cover.vehicles[0]?.facts.id as string;
	await changeAlways(db, (tx) => putRegistered(tx, [{ configuration: id, count: 100 }]));
	const one = (await ask('overview', asked)).offers.catalogue.all;
	expect(one.weight).toBeGreaterThan(0);
	await changeAlways(db, (tx) => putRegistered(tx, [{ configuration: id, count: 300 }]));
	expect((await ask('overview', asked)).offers.catalogue.all.weight).toBe(3 * one.weight);
	const vain: CoverAsked = { ...EVERYTHING, weigh: 'vain' };
	const question = { source: 'asked', configuration: id, function: 'turn', day: '2026-11-20' } as const;
	await changeAlways(db, (tx) => countAsked(tx, [{ ...question, answered: true }]));
	expect((await ask('overview', vain)).offers.catalogue.all.weight).toBe(0);
	await changeAlways(db, (tx) => countAsked(tx, [{ ...question, answered: false }]));
	expect((await ask('overview', vain)).offers.catalogue.all.weight).toBeGreaterThan(0);
});

it('a try-out of what a catalogue has already moves nothing, one of what the shelf lacks does', async () => {
	const shelf: CoverAsked = { ...EVERYTHING, from: 'shelf' };
	const [first] = (await ask('missing', shelf)).missing;
	if (!first) throw new Error('The shelf of the demo lacks something.');
	const { before, after, sockets } = await ask('tryOut', shelf, [first.specification]);
	expect(sockets).toBe(first.sockets);
	expect(after.served - before.served).toBe(first.sockets);
	expect((await ask('tryOut', EVERYTHING, [first.specification])).sockets).toBe(0);
});

it('every table has a cell under each of its headings', async () => {
	for (const make of Object.values(COVER_TABLES)) {
		const { headings, rows } = await make(ask, EVERYTHING);
		for (const row of rows) expect(row).toHaveLength(headings.length);
	}
});
