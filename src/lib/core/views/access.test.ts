import { describe, expect, it } from 'vitest';
import { demoDocument } from '../../../../tests/support/demo';
import { LOW_SOCKET, makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import { solver } from '../../../../tests/support/solver';
import { accessGraph, planAccess } from '../access';
import type { Configuration } from '../model';
import { accessPlaceName, accessView, wayView } from './access';

const operation = (id: string, more: object = {}) => ({ id, title: id, minutesOff: 2, minutesOn: 3, ...more });

/** A vehicle whose two low beams and stop lamp are reached so. */
const vehicle = (operations: object[], more: object = {}): Configuration =>
	makeConfiguration([LOW_SOCKET, { ...LOW_SOCKET, id: 'low-R', side: 'right' }, STOP_SOCKET], {
		access: { operations },
		...more
	});

const way = async (configuration: Configuration, to: string) =>
	wayView(configuration, to, await planAccess(accessGraph(configuration), [{ id: to }], solver));

describe('the way in of a vehicle, as its page shows it', () => {
	it('of every demo vehicle draws each operation once, joins only what is drawn, and names every place', () => {
		for (const configuration of demoDocument().configurations) {
			const { operations, nodes, edges, places } = accessView(configuration);
			const drawn = nodes.map(({ id }) => id);
			expect(drawn.toSorted()).toEqual(operations.map((one) => one.operation.id).toSorted());
			expect(new Set(drawn).size).toBe(drawn.length);
			for (const { from, to } of edges) expect([drawn.includes(from), drawn.includes(to)]).toEqual([true, true]);
			const at = new Map(nodes.map((node) => [node.id, node]));
			// What comes before stands before, and no two stand in one place.
			for (const { from, to } of edges) expect(at.get(from)!.column).toBeLessThan(at.get(to)!.column);
			expect(new Set(nodes.map(({ column, row }) => `${column} ${row}`)).size).toBe(nodes.length);
			const reached = new Set(operations.flatMap((one) => one.operation.reaches ?? []));
			for (const { id, name, recorded } of places) expect([name !== '', recorded]).toEqual([true, reached.has(id)]);
		}
	});

	it('says what leads nowhere, which lamps nobody recorded a way to, and how the sides differ', () => {
		const view = accessView(
			vehicle([
				operation('bonnet'),
				operation('cover', {
					side: 'left',
					after: ['bonnet'],
					reaches: ['low-L'],
					fasteners: [{ count: 2, kind: 'clip' }]
				}),
				operation('cover-R', { title: 'cover', side: 'right', after: ['bonnet'], minutesOn: 4, reaches: ['low-R'] }),
				operation('trim', { minutesOff: undefined, minutesOn: undefined })
			])
		);
		expect(view.leadNowhere).toEqual(['trim']);
		expect(view.notRecorded).toEqual(['Rear stop, left']);
		expect(view.differences).toEqual(['cover: left 2 + 3 min, right 2 + 4 min; other fasteners']);
		expect(view.alone).toEqual({ left: 0, right: 0 });
		expect(view.operations.map(({ time, isTimed }) => [time, isTimed])).toEqual([
			['2 + 3 min', true],
			['2 + 3 min', true],
			['2 + 4 min', true],
			['not timed', false]
		]);
		const lone = accessView(vehicle([operation('cover', { side: 'left', reaches: ['low-L'] })]));
		expect([lone.alone, lone.differences]).toEqual([{ left: 1, right: 0 }, ['cover: only on the left']]);
	});

	it('marks where one of several ways is enough, each once', () => {
		const view = accessView(
			vehicle([operation('a'), operation('b'), operation('c', { anyOf: [['a'], ['b', 'a']], reaches: ['low-L'] })])
		);
		expect(view.edges).toEqual([
			{ from: 'a', to: 'c', route: true },
			{ from: 'b', to: 'c', route: true }
		]);
	});

	it('of a vehicle without any is empty, and every lamp wants recording', () => {
		const view = accessView(makeConfiguration([STOP_SOCKET]));
		expect([view.operations, view.edges, view.notRecorded]).toEqual([[], [], ['Rear stop, left']]);
		expect(view.places).toEqual([{ id: 'stop-L', name: 'Rear stop, left', recorded: false }]);
	});
});

describe('the way to one place', () => {
	it('says its steps and minutes there and back, what of them is assumed, and that nothing is quicker', async () => {
		const short = vehicle([operation('bonnet'), operation('cap', { after: ['bonnet'], reaches: ['low-L'] })]);
		expect(await way(short, 'low-L')).toEqual({
			to: 'low-L',
			operations: ['bonnet', 'cap'],
			words: 'Low beam, left: 2 steps, 10 min there and back; nothing on record is quicker.'
		});
		const half = vehicle([operation('cap', { minutesOn: undefined, reaches: ['low-L'] })]);
		expect((await way(half, 'low-L')).words).toMatch(
			/^Low beam, left: 1 step, [\d.]+ min there and back, [\d.]+ of them assumed/
		);
	});

	it('never says that a place can be reached to which there is no way', async () => {
		expect((await way(vehicle([operation('bonnet')]), 'stop-L')).words).toBe(
			'Nobody has recorded the way to Rear stop, left.'
		);
		const ring = { ...vehicle([operation('a'), operation('b', { reaches: ['low-L'] })]) };
		ring.access!.operations[0]!.after = ['b' as never];
		ring.access!.operations[1]!.after = ['a' as never];
		expect((await way(ring, 'low-L')).words).toMatch(/^Low beam, left cannot be reached: /);
	});
});

it('places without a lamp are called by what is there', () => {
	const { sockets } = vehicle([]);
	const names = ['mount:behind the bumper', 'channel:OUT-3', 'flasher', 'somewhere'];
	expect(names.map((place) => accessPlaceName({ sockets }, place))).toEqual([
		'Mount: behind the bumper',
		'Output OUT-3',
		'Flasher',
		'somewhere'
	]);
});
