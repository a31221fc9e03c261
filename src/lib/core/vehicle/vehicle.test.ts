import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import { FUNCTION_IDS } from '../lamps';
import { evidenceFor, groupName, rimText, socketName, recordSourceText, twinGroups, vehicleName, walkOrder } from '.';

const socket = (more: object) => makeConfiguration([{ ...STOP_SOCKET, ...more }]).sockets[0]!;

describe('names', () => {
	it.each([
		[{ functions: ['low-beam'], zone: 'front' }, 'Low beam, left'],
		[{ functions: ['stop', 'tail'] }, 'Rear stop / tail, left'],
		[{ functions: ['turn'], zone: 'front' }, 'Front turn, left'],
		[{ functions: ['turn'], zone: 'side', side: 'right' }, 'Side repeater, right'],
		[{ functions: ['dome'], zone: 'cabin', side: 'centre', index: 2 }, 'Dome 2'],
		[{ functions: ['rear-fog'] }, 'Rear fog, left']
	])('%o is %s', (more, name) => {
		expect(socketName(socket(more))).toBe(name);
	});

	it('a rim has short names', () => {
		expect(rimText(socket({ functions: ['drl', 'front-position'], zone: 'front' }))).toBe('DRL / position');
	});

	it('a vehicle is make, model, generation, years and body', () => {
		expect(vehicleName({ make: 'A', model: 'B', generation: 'II', years: [2015, 2019], body: 'van' } as never)).toBe(
			'A B II, 2015 to 2019, van'
		);
		expect(vehicleName({ make: 'A', model: 'B', years: [2015, 2015] } as never)).toBe('A B, 2015');
	});
});

describe('twinGroups', () => {
	it('pairs left and right of one place, and nothing else', () => {
		const sockets = makeConfiguration([
			{ ...STOP_SOCKET, id: 'a' },
			{ ...STOP_SOCKET, id: 'b', side: 'right' },
			{ ...STOP_SOCKET, id: 'c', index: 2 },
			{ ...STOP_SOCKET, id: 'd', side: 'centre' },
			{ ...STOP_SOCKET, id: 'e', side: 'left' }
		]).sockets;
		expect(twinGroups(sockets).map((g) => g.map((s) => s.id))).toEqual([['a', 'b'], ['c'], ['d'], ['e']]);
		expect(groupName(twinGroups(sockets)[0]!)).toBe('Rear stop, both');
	});

	it('puts every socket in exactly one group', () => {
		const any = fc.record({
			side: fc.constantFrom('left', 'right', 'centre'),
			index: fc.integer({ min: 1, max: 3 }),
			functions: fc.subarray([...FUNCTION_IDS], { minLength: 1, maxLength: 2 })
		});
		fc.assert(
			fc.property(fc.array(any, { maxLength: 20 }), (list) => {
				const { sockets } = makeConfiguration(list.map((more, i) => ({ ...STOP_SOCKET, ...more, id: `s${i}` })));
				const grouped = twinGroups(sockets).flat();
				expect(new Set(grouped)).toEqual(new Set(sockets));
				expect(grouped).toHaveLength(sockets.length);
			})
		);
	});
});

describe('walkOrder', () => {
	it('goes from the front round the outside into the cabin, left and right together', () => {
		const places = [
			['dome', 'cabin', 'centre'],
			['tail', 'rear', 'right'],
			['low-beam', 'front', 'right'],
			['turn', 'side', 'left'],
			['low-beam', 'front', 'left'],
			['fog', 'front', 'left']
		];
		const sockets = makeConfiguration(
			places.map(([fn, zone, side], i) => ({ ...STOP_SOCKET, id: `s${i}`, functions: [fn], zone, side }))
		).sockets;
		expect(walkOrder(sockets).map((s) => s.id)).toEqual(['s5', 's4', 's2', 's3', 's1', 's0']);
	});
});

describe('evidence', () => {
	const evidence = [
		{ fact: 'category', source: 'listing', on: '2026-05-01' },
		{ fact: 'category', source: 'in-hand', on: '2026-01-01', by: 'A. Person' },
		{ fact: 'category', source: 'in-hand', on: '2026-03-01' }
	] as never[];

	it('the lamp in the hand wins, and the newest look at it', () => {
		expect(evidenceFor(evidence, 'category')).toMatchObject({ source: 'in-hand', on: '2026-03-01' });
		expect(recordSourceText(evidenceFor(evidence, 'category'))).toBe('vehicle record, measured in hand, 2026-03-01');
		expect(recordSourceText(evidenceFor(evidence, 'lens'))).toBe('vehicle record, no source given, never confirmed');
	});
});
