import { describe, expect, it } from 'vitest';
import { makeConfiguration, STOP_SOCKET, LOW_SOCKET } from '../../../../tests/support/make';
import { randomFrom } from '../../../../tests/support/random';
import { solver } from '../../../../tests/support/solver';
import type { Operation } from '../model';
import { accessGraph, accessProblems, addsTo, doable, inOrder, isReady, looseEnds, minutesOf, planAccess } from '.';

const graphOf = (operations: readonly Operation[]) => accessGraph({ access: { operations: [...operations] } });
const op = (id: string, more: Partial<Operation> = {}): Operation => ({
	id,
	title: id,
	minutesOff: 1,
	minutesOn: 1,
	...more
});
const want = (...places: string[]) => places.map((id) => ({ id }));

/** The least minutes by trying every set of operations; null when none reaches every place. */
function bruteMinutes(operations: readonly Operation[], places: readonly string[]): number | null {
	const graph = graphOf(operations);
	let best: number | null = null;
	for (let set = 0; set < 1 << operations.length; set++) {
		const chosen = operations.filter((_, i) => set & (1 << i));
		const minutes = chosen.reduce((sum, one) => sum + minutesOf(one).off + minutesOf(one).on, 0);
		if (best !== null && minutes >= best) continue;
		if (
			doable(
				graph,
				chosen.map(({ id }) => id)
			).size < chosen.length
		)
			continue;
		if (places.every((place) => chosen.some(({ reaches = [] }) => reaches.includes(place)))) best = minutes;
	}
	return best;
}

/** A way in of chance: shared parts, routes, rings, operations without time, places reached twice. */
function anyOperations(random: () => number): Operation[] {
	const any = (count: number) => Math.floor(random() * count);
	const ids = Array.from({ length: 4 + any(8) }, (_, i) => `o${i}`);
	const some = (most: number, from: readonly string[]) =>
		from.length === 0 ? [] : Array.from({ length: any(most + 1) }, () => from[any(from.length)] as string);
	return ids.map((id, i) => {
		// Now and then something comes before it that comes after it: a ring.
		const earlier = random() < 0.15 ? ids : ids.slice(0, i);
		const routes = random() < 0.5 ? [] : [some(2, earlier), some(2, earlier)].filter((route) => route.length > 0);
		return op(id, {
			minutesOff: any(9) / 2,
			minutesOn: random() < 0.8 ? any(9) / 2 : 0,
			after: some(2, earlier),
			...(routes.length > 0 ? { anyOf: routes } : {}),
			reaches: some(2, ['A', 'B', 'C', 'D', 'E'])
		});
	});
}

describe('planAccess', () => {
	it('counts what is shared once, and takes the route that is cheaper with what is done anyway', async () => {
		const graph = graphOf([
			op('grille', { minutesOff: 4, minutesOn: 4 }),
			op('headlamp', { after: ['grille'], minutesOff: 6, minutesOn: 8, reaches: ['low', 'high', 'flasher'] }),
			op('glovebox', { minutesOff: 5, minutesOn: 5, reaches: ['flasher'] })
		]);
		expect(await planAccess(graph, want('flasher'), solver)).toMatchObject({ minutes: 10, exact: true });
		const both = await planAccess(graph, want('low', 'flasher'), solver);
		expect(both).toMatchObject({ minutes: 22, exact: true });
		expect(both.operations.map(({ id }) => id)).toEqual(['grille', 'headlamp']);
		expect(
			await addsTo(
				graph,
				{
					wanted: want('low'),
					plan: await planAccess(graph, want('low'), solver),
					others: ['high', 'flasher', 'dome']
				},
				solver
			)
		).toEqual([
			{ place: 'high', minutes: 0 },
			{ place: 'flasher', minutes: 0 }
		]);
	});

	it('is what trying everything finds, on 240 ways in of chance, and its order can be worked', async () => {
		const random = randomFrom(15);
		let reached = 0;
		for (let i = 0; i < 240; i++) {
			const operations = anyOperations(random);
			const graph = graphOf(operations);
			const places = ['A', 'B', 'C', 'D', 'E'].filter(() => random() < 0.6);
			const plan = await planAccess(graph, want(...places), solver);
			const left = places.filter(
				(place) => !plan.notRecorded.includes(place) && !plan.unreachable.some((u) => u.place === place)
			);
			reached += left.length;
			expect(plan.minutes, JSON.stringify({ operations, left })).toBe(bruteMinutes(operations, left));
			expect(plan.exact).toBe(true);
			const order = inOrder(plan.operations, { graph, sockets: [] });
			expect(order).toHaveLength(plan.operations.length);
			const done = new Set<string>();
			for (const operation of order) {
				expect(isReady(operation, done)).toBe(true);
				done.add(operation.id);
			}
		}
		expect(reached).toBeGreaterThan(300);
	});

	it('a ring of routes does not carry itself', async () => {
		const ring = [op('a', { anyOf: [['b']], reaches: ['A'] }), op('b', { anyOf: [['a']] })];
		const plan = await planAccess(graphOf(ring), want('A'), solver);
		expect(plan).toMatchObject({
			operations: [],
			unreachable: [{ place: 'A', why: '“a” and “b” wait for each other' }]
		});
		const opened = [...ring.slice(0, 1), op('b', { anyOf: [['a'], ['hatch']] }), op('hatch', { minutesOff: 30 })];
		expect((await planAccess(graphOf(opened), want('A'), solver)).operations.map(({ id }) => id)).toEqual([
			'a',
			'b',
			'hatch'
		]);
	});

	it('names what cannot be reached, and plans the rest', async () => {
		const graph = graphOf([op('a', { after: ['gone'], reaches: ['A'] }), op('b', { reaches: ['B'] })]);
		expect(await planAccess(graph, want('A', 'B', 'C'), solver)).toMatchObject({
			minutes: 2,
			unreachable: [{ place: 'A', why: '“gone” is not on record' }],
			notRecorded: ['C']
		});
	});

	it('says what nobody timed, and does not take it for nothing', async () => {
		const graph = graphOf([{ id: 'untimed', title: 'untimed', reaches: ['A'] }, op('timed', { reaches: ['A'] })]);
		expect(await planAccess(graph, want('A'), solver)).toMatchObject({ minutes: 2, assumedMinutes: 0 });
		expect(minutesOf({ minutesOff: 4 })).toEqual({ off: 4, on: 4, assumed: true });
	});
});

describe('inOrder', () => {
	it('keeps a side together', () => {
		const side = (id: string, s: 'left' | 'right', after: string[] = ['bonnet']) => op(id, { side: s, after });
		const operations = [
			op('bonnet', { side: 'both' }),
			side('duct', 'left'),
			side('neck', 'right'),
			side('lamp-left', 'left', ['duct']),
			side('lamp-right', 'right', ['neck'])
		];
		const order = inOrder(operations, { graph: graphOf(operations), sockets: [] });
		expect(order.map(({ id }) => id)).toEqual(['bonnet', 'duct', 'lamp-left', 'neck', 'lamp-right']);
	});
});

describe('accessProblems', () => {
	const car = (operations: object[]) => makeConfiguration([STOP_SOCKET, LOW_SOCKET], { access: { operations } });

	it('says where a name leads nowhere, and which operations wait for each other', () => {
		const problems = accessProblems(
			car([
				op('a', { after: ['b'] }),
				op('b', { after: ['a'] }),
				op('c', { anyOf: [['nobody']], reaches: ['stop-L', 'moon'] }),
				op('c')
			]),
			'configurations[0]'
		);
		expect(problems.map(({ path }) => path)).toEqual([
			'configurations[0].access.operations[0]',
			'configurations[0].access.operations[1]',
			'configurations[0].access.operations[2].anyOf[0][0]',
			'configurations[0].access.operations[2].reaches[1]',
			'configurations[0].access.operations[3].id'
		]);
		expect(problems[0]?.message).toBe('can never be done: “a” and “b” wait for each other');
	});

	it('leaves loose ends alone and names them', () => {
		const open = car([op('grille'), op('lamp', { reaches: ['low-L', 'flasher', 'mount:left'] })]);
		expect(accessProblems(open)).toEqual([]);
		const { leadNowhere, notRecorded } = looseEnds(open);
		expect([leadNowhere.map(({ id }) => id), notRecorded]).toEqual([['grille'], ['stop-L']]);
	});
});
