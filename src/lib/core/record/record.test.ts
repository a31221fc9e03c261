import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import type { Configuration } from '../model';
import { socketsInWalk } from '../vehicle';
import {
	addUsualChannels,
	claimFacts,
	orderWalk,
	placeSocket,
	putFlasher,
	readIdentity,
	removeChannel,
	removeSocket,
	standpoint,
	type Edit,
	type HistoryEvent
} from '.';

const car = makeConfiguration([STOP_SOCKET, LOW_SOCKET]);
const after = (edit: Edit, configuration: Configuration = car) => {
	const done = edit(configuration);
	if (!done.ok) throw new Error(done.error);
	return done.value;
};

describe('history', () => {
	const event = (id: number, kind: HistoryEvent['kind'], of: number | null = null): HistoryEvent => ({ id, kind, of });

	it('undo goes back change by change, redo forward, and a new change ends redo', () => {
		const changes = [event(1, 'created'), event(2, 'change'), event(3, 'change')];
		expect(standpoint(changes)).toEqual({ undo: 3, redo: null });
		const undone = [...changes, event(4, 'undo', 3), event(5, 'undo', 2)];
		expect(standpoint(undone)).toEqual({ undo: null, redo: 2 });
		expect(standpoint([...undone, event(6, 'redo', 2)])).toEqual({ undo: 2, redo: 3 });
		expect(standpoint([...undone, event(6, 'change')])).toEqual({ undo: 6, redo: null });
	});

	it('as many undos as changes leave nothing to undo, in whatever order they came', () => {
		fc.assert(
			fc.property(fc.array(fc.constantFrom('change', 'undo', 'redo' as const), { maxLength: 40 }), (kinds) => {
				const events: HistoryEvent[] = [];
				kinds.forEach((kind, i) => {
					const { undo, redo } = standpoint(events);
					const of = kind === 'undo' ? undo : kind === 'redo' ? redo : null;
					if (kind === 'change' || of !== null) events.push(event(i + 1, kind as 'change', of));
				});
				let guard = 0;
				for (let at = standpoint(events).undo; at !== null && guard < 99; at = standpoint(events).undo) {
					events.push(event(1000 + guard, 'undo', at));
					guard += 1;
				}
				expect(guard).toBeLessThan(99);
				expect(standpoint(events).undo).toBeNull();
			})
		);
	});
});

describe('edits', () => {
	it('taking a socket out takes its feeds and its place in the order with it', () => {
		const ordered = after(orderWalk(['stop-L', 'low-L', 'nobody'] as never)).configuration;
		expect(socketsInWalk(ordered).map((s) => s.id)).toEqual(['stop-L', 'low-L']);
		const { configuration, what } = after(removeSocket('stop-L' as never), ordered);
		expect(what).toBe('Rear stop, left taken out');
		expect(configuration.walk).toEqual(['low-L']);
		expect(configuration.channels.flatMap((c) => c.feeds.map((f) => f.socket))).toEqual(['low-L']);
		expect(removeSocket('nobody' as never)(car)).toEqual({
			ok: false,
			error: 'Socket nobody is no longer in this record. Nothing was changed.'
		});
	});

	it('a socket that serves something else loses the feeds of what it serves no more', () => {
		const place = { zone: 'rear', side: 'left', index: 1, functions: ['tail'] } as never;
		const { configuration, what } = after(placeSocket('stop-L' as never, place));
		expect(what).toBe('Rear stop, left is now Rear tail, left');
		expect(configuration.channels.find((c) => c.id === 'feed-stop-L')?.feeds).toEqual([]);
	});

	it('facts are told together, and nothing known is an answer', () => {
		const ref = { kind: 'socket' as const, id: 'low-L' };
		const told = after(claimFacts(ref, { keyAngle: 20, lens: null }, { source: 'in-hand', on: '2026-01-01' }));
		expect(told.what).toBe('Low beam, left: key angle 20°, lens not known, measured in hand');
		const low = told.configuration.sockets.find((s) => s.id === 'low-L');
		expect([low?.keyAngle, low?.lens]).toEqual([20, undefined]);
		expect(claimFacts({ kind: 'flasher', id: 'flasher' }, { pins: 2 }, { source: 'manual' })(car).ok).toBe(false);
	});

	it('channels and flasher come and go', () => {
		expect(after(putFlasher({ kind: 'plug-in' } as never)).configuration.flasher).toEqual({ kind: 'plug-in' });
		expect(after(putFlasher(null)).configuration).not.toHaveProperty('flasher');
		expect(after(removeChannel('feed-stop-L' as never)).configuration.channels).toHaveLength(1);
		expect(removeChannel('nobody' as never)(car).ok).toBe(false);
	});

	it('unfed functions get their usual channels, and nothing is said of how those are fed', () => {
		const bare = {
			...makeConfiguration([STOP_SOCKET, { ...STOP_SOCKET, id: 't', functions: ['turn'] }]),
			channels: []
		};
		const { configuration } = after(addUsualChannels, bare);
		expect(configuration.channels).toEqual([
			{ id: 'stop', feeds: [{ socket: 'stop-L', function: 'stop' }] },
			{ id: 'turn-left', feeds: [{ socket: 't', function: 'turn' }] }
		]);
		expect(after(addUsualChannels, configuration).configuration.channels).toEqual(configuration.channels);
	});
});

describe('an identity as it is typed', () => {
	const typed = (fields: Record<string, string>) =>
		readIdentity((field) => ({ make: 'A', model: 'B', kind: 'car', market: 'UN', ...fields })[field] ?? '');

	it('reads years, options and tells', () => {
		expect(typed({ from: '2017', options: 'headlamp = led\n', tells: 'a\n\nb', names: 'X, Y' })).toEqual({
			ok: true,
			value: {
				make: 'A',
				model: 'B',
				names: ['X', 'Y'],
				years: [2017, 2017],
				kind: 'car',
				market: 'UN',
				options: { headlamp: 'led' },
				tells: ['a', 'b']
			}
		});
	});

	it.each([
		[{ from: 'soon' }, 'must be numbers such as 2017'],
		[{ from: '2020', to: '2018' }, 'run backwards'],
		[{ options: 'projector' }, 'An option is written as headlamp=projector']
	])('%o says what cannot be read', (fields, message) => {
		const read = typed(fields as never);
		expect(!read.ok && read.error).toContain(message);
	});
});
