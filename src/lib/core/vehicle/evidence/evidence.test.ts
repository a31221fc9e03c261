import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeConfiguration, STOP_SOCKET } from '../../../../../tests/support/make';
import { type Configuration, type Evidence, type Socket, EVIDENCE_SOURCES, factOf, factText } from '../../model';
import { agree, claim, evidenceFor, openQuestions, settle, confirmationOf, valueAt, withValueAt } from '.';

const socketWith = (more: object = {}): Socket => makeConfiguration([{ ...LOW_SOCKET, ...more }]).sockets[0]!;
const said = (fact: string, value: unknown, source: Evidence['source'], more: object = {}): Evidence => ({
	fact,
	value,
	source,
	...more
});
const claimed = (socket: Socket, ...items: Evidence[]) => items.reduce((s, item) => claim('socket', s, item), socket);
const questionsOf = (socket: Socket) => openQuestions({ sockets: [socket], channels: [] } as unknown as Configuration);

describe('the value in force', () => {
	it('is the stronger source, and the weaker one is kept', () => {
		const socket = claimed(socketWith(), said('lens', 'clear', 'in-hand'), said('lens', 'smoked', 'listing'));
		expect(socket.lens).toBe('clear');
		expect(socket.evidence?.map((e) => e.value)).toEqual(['clear', 'smoked']);
	});

	it('is the newer one among equals', () => {
		const socket = claimed(
			socketWith(),
			said('lens', 'clear', 'manual', { on: '2026-01-01' }),
			said('lens', 'smoked', 'manual', { on: '2026-05-01' })
		);
		expect(socket.lens).toBe('smoked');
	});

	it('keeps what was on record without a source', () => {
		const socket = claimed(socketWith(), said('category', 'H9', 'customer'));
		expect(socket.category).toBe('H9');
		expect(socket.evidence).toContainEqual(said('category', 'H11', 'assumed', { note: 'on record without a source' }));
	});

	it('evidence for a whole speaks for its parts, and keeps their values', () => {
		const before = socketWith({ evidence: [{ fact: 'envelope', source: 'in-hand', on: '2026-01-01' }] });
		const socket = claimed(before, said('envelope.frontLength', 30, 'listing'));
		expect(socket.envelope?.frontLength).toBe(46);
		expect(socket.evidence).toContainEqual(said('envelope.frontLength', 46, 'in-hand', { on: '2026-01-01' }));
		expect(evidenceFor(socket.evidence, 'envelope.rearDepth')?.source).toBe('in-hand');
	});

	it("somebody's second word of the day replaces the first, without a question", () => {
		const own = { on: '2026-01-01', by: 'A. Person' };
		const socket = claimed(socketWith(), said('lens', 'red', 'in-hand', own), said('lens', 'clear', 'in-hand', own));
		expect(socket.lens).toBe('clear');
		expect(socket.evidence?.filter((e) => e.source === 'in-hand')).toHaveLength(1);
	});

	it('never depends on the order in which sources of different strength speak', () => {
		const items = fc.uniqueArray(
			fc.record({ value: fc.constantFrom('clear', 'red', 'amber'), source: fc.constantFrom(...EVIDENCE_SOURCES) }),
			{ selector: (item) => item.source, minLength: 1 }
		);
		fc.assert(
			fc.property(items, (list) => {
				const told = list.map(({ value, source }) => said('lens', value, source));
				const bare = socketWith({ lens: undefined });
				expect(claimed(bare, ...told).lens).toBe(claimed(bare, ...[...told].reverse()).lens);
			})
		);
	});
});

describe('questions', () => {
	it('open when two sources disagree, strongest first, and not within the tolerance of a measure', () => {
		const socket = claimed(
			socketWith(),
			said('envelope.opening', 20.3, 'in-hand'),
			said('envelope.opening', 20, 'manual'),
			said('lens', 'red', 'customer'),
			said('lens', 'clear', 'maker')
		);
		expect(questionsOf(socket).map(({ fact, values }) => [fact, values.map((v) => v.value)])).toEqual([
			['lens', ['clear', 'red']]
		]);
	});

	it('settling brings one value into force, keeps the loser, and a new doubt opens it again', () => {
		const doubted = claimed(socketWith(), said('lens', 'clear', 'in-hand'), said('lens', 'red', 'customer'));
		const settled = settle('socket', doubted, { fact: 'lens', value: 'red', on: '2026-02-02', by: 'B' });
		expect(settled.lens).toBe('red');
		expect(questionsOf(settled)).toEqual([]);
		expect(settled.evidence?.find((e) => e.value === 'clear')?.overruled).toEqual({ on: '2026-02-02', by: 'B' });
		expect(questionsOf(claimed(settled, said('lens', 'amber', 'listing')))).toHaveLength(1);
	});

	it('a source that names no value vouches for the one on record', () => {
		const evidence = [{ fact: 'lens', source: 'in-hand' }, said('lens', 'red', 'listing')];
		expect(questionsOf(socketWith({ evidence }))[0]?.values.map((v) => v.value)).toEqual(['clear', 'red']);
		expect(questionsOf(socketWith({ evidence, lens: 'red' }))).toEqual([]);
		const settled = settle('socket', socketWith({ evidence }), { fact: 'lens', value: 'red', on: '2026-02-02' });
		expect(settled.evidence?.[0]).toMatchObject({ value: 'clear', overruled: { on: '2026-02-02' } });
		expect(questionsOf(settled)).toEqual([]);
	});

	it('are asked of channels and the flasher as well', () => {
		const c = makeConfiguration([STOP_SOCKET], {
			flasher: { kind: 'plug-in', evidence: [said('pins', 2, 'in-hand'), said('pins', 3, 'listing')] },
			channels: [
				{
					id: 'stop',
					feeds: [{ socket: 'stop-L', function: 'stop' }],
					evidence: [said('fuse', 10, 'in-hand'), said('fuse', 15, 'manual')]
				}
			]
		});
		expect(openQuestions(c).map((q) => [q.subject.kind, q.fact])).toEqual([
			['channel', 'fuse'],
			['flasher', 'pins']
		]);
	});
});

describe('confirmation', () => {
	it('is confirmed by hand, manual or maker only', () => {
		const confirmation = (source: Evidence['source']) =>
			confirmationOf('socket', socketWith({ evidence: [said('lens', 'clear', source)] }), 'lens');
		expect(EVIDENCE_SOURCES.map(confirmation)).toEqual([
			'confirmed',
			'confirmed',
			'confirmed',
			'unconfirmed',
			'unconfirmed',
			'unconfirmed'
		]);
		expect(confirmationOf('socket', socketWith(), 'lens')).toBe('unconfirmed');
		expect(confirmationOf('socket', socketWith(), 'wiring')).toBeNull();
		const doubted = claimed(socketWith(), said('lens', 'clear', 'in-hand'), said('lens', 'red', 'customer'));
		expect(confirmationOf('socket', doubted, 'lens')).toBe('contested');
	});
});

describe('paths', () => {
	it('set, read and take away, leaving no empty branch', () => {
		expect(withValueAt({ a: 1 }, 'b.c', 2)).toEqual({ a: 1, b: { c: 2 } });
		expect(withValueAt({ a: 1, b: { c: 2 } }, 'b.c', undefined)).toEqual({ a: 1 });
		expect(valueAt({ b: { c: 2 } }, 'b.c')).toBe(2);
		expect(valueAt({ b: 1 }, 'b.c.d')).toBeUndefined();
		expect([agree(20, 20.5, 0.5), agree(20, 20.6, 0.5), agree('a', 'a'), agree(1, '1')]).toEqual([
			true,
			false,
			true,
			false
		]);
	});

	it('values in words', () => {
		expect(factText(factOf('socket', 'keyAngle'), 30)).toBe('30°');
		expect(factText(factOf('socket', 'envelope.opening'), 20)).toBe('20 mm');
		expect(factText(factOf('socket', 'retention'), 'spring-clip')).toBe('spring clip');
		expect(factText(factOf('socket', 'lens'), undefined)).toBe('not known');
		expect(factOf('socket', 'something').label).toBe('something');
	});
});
