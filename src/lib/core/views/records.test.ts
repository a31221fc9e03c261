import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import {
	doubtsOf,
	channelsView,
	questionViews,
	recordedFacts,
	socketRecordView,
	vehicleView,
	walkView,
	weakestConfirmation
} from '.';

const sayings = (fact: string, value: unknown, source: string, more: object = {}) => ({ fact, value, source, ...more });
const all = (source: string) =>
	['category', 'lens', 'optic', 'cap', 'envelope', 'keyAngle'].map((fact) => ({
		fact,
		source,
		on: '2026-03-02',
		by: 'A'
	}));
const socketWith = (more: object) => makeConfiguration([{ ...LOW_SOCKET, ...more }]).sockets[0]!;

describe('a record on the desk', () => {
	it('shows each fact with its value, its source, its confirmation and everything said of it', () => {
		const evidence = [
			sayings('lens', 'clear', 'in-hand', { on: '2026-03-02', by: 'A' }),
			sayings('lens', 'red', 'customer', { overruled: { on: '2026-04-01', by: 'B', note: 'looked' } })
		];
		const lens = recordedFacts('socket', socketWith({ evidence })).find((fact) => fact.id === 'lens');
		expect(lens).toMatchObject({
			id: 'lens',
			label: 'Lens',
			unit: null,
			value: 'clear',
			text: 'clear',
			source: 'measured in hand, 2026-03-02, A',
			confirmation: 'confirmed',
			sayings: [
				{ value: 'clear', source: 'measured in hand, 2026-03-02, A', note: '', overruled: null },
				{ value: 'red', source: 'customer', note: '', overruled: 'overruled, 2026-04-01, B, looked' }
			]
		});
	});

	it('a plain filament needs no source, an unknown fact has none', () => {
		const facts = recordedFacts('socket', socketWith({}));
		const of = (id: string) => facts.find((fact) => fact.id === id);
		expect(of('state')).toMatchObject({ confirmation: null, source: '' });
		expect(of('wiring')).toMatchObject({ value: null, text: 'not known', confirmation: null, source: '' });
		expect(of('lens')).toMatchObject({ confirmation: 'unconfirmed', source: 'no source given' });
	});

	it('says what is missing and what to look at twice', () => {
		const vehicle = makeConfiguration([{ ...STOP_SOCKET, functions: ['turn'], category: 'P21W' }]);
		const shown = socketRecordView(vehicle, vehicle.sockets[0]!);
		expect(shown.doubts.join()).toContain('unusual in this market');
		expect(shown.missing).toEqual([]);
		expect(socketRecordView(makeConfiguration([LOW_SOCKET]), socketWith({ lens: undefined })).missing).toEqual([
			'lens colour'
		]);
	});
});

describe('doubts', () => {
	it('name facts nobody has confirmed and facts sources disagree on, for all sockets together', () => {
		const sure = socketWith({ evidence: all('in-hand') });
		expect([doubtsOf([sure]), weakestConfirmation(sure)]).toEqual([[], 'confirmed']);
		const weak = socketWith({ evidence: all('listing') });
		expect(doubtsOf([sure, weak])[0]).toContain('never confirmed: lamp category, lens, optic');
		expect(weakestConfirmation(weak)).toBe('unconfirmed');
		const contested = socketWith({
			evidence: [...all('in-hand'), sayings('lens', 'clear', 'in-hand'), sayings('lens', 'red', 'customer')]
		});
		expect([doubtsOf([contested]), weakestConfirmation(contested)]).toEqual([['sources disagree: lens'], 'contested']);
	});
});

describe('a walk', () => {
	it('has a row a socket in the order chosen, what is expected, and what is not there', () => {
		const vehicle = makeConfiguration([STOP_SOCKET, LOW_SOCKET], { walk: ['stop-L'], absent: ['front:fog'] });
		const walk = walkView(vehicle);
		expect(walk.rows.map((row) => [row.id, row.category, row.confirmation])).toEqual([
			['stop-L', 'P21W', 'unconfirmed'],
			['low-L', 'H11', 'unconfirmed']
		]);
		expect(walk.absent).toEqual([{ key: 'front:fog', name: 'Front fog' }]);
		expect(walk.expected.map((place) => place.key)).not.toContain('rear:stop');
		expect(walk.expected.map((place) => place.name)).toContain('Rear turn');
	});
});

describe('channels', () => {
	it('show what each feeds; a function on none or on two is seen', () => {
		const feeds = [{ socket: 'stop-L', function: 'stop' }];
		const vehicle = makeConfiguration([{ ...STOP_SOCKET, functions: ['stop', 'tail'], category: 'P21/5W' }], {
			channels: [
				{ id: 'a', feeds, feed: { kind: 'pwm' }, monitor: { kind: 'hot' }, fuse: 10 },
				{ id: 'b', feeds }
			],
			flasher: { kind: 'plug-in', pins: 2 }
		});
		const shown = channelsView(vehicle);
		expect(shown.channels.map((c) => c.text)).toEqual([
			'pulsed (PWM), checked while on, fuse 10 A',
			'feed not known, bulb-out check not known'
		]);
		expect(shown.terminals.map((t) => [t.name, t.channels])).toEqual([
			['Rear stop / tail, left: stop', ['a', 'b']],
			['Rear stop / tail, left: tail', []]
		]);
		expect(shown.flasher?.facts.find((fact) => fact.id === 'pins')?.text).toBe('2');
	});
});

describe('questions and vehicles', () => {
	it('a question names its subject, its fact and who says what', () => {
		const vehicle = makeConfiguration(
			[
				{
					...STOP_SOCKET,
					evidence: [sayings('lens', 'red', 'in-hand', { note: 'seen' }), sayings('lens', 'clear', 'listing')]
				}
			],
			{ flasher: { kind: 'plug-in', evidence: [sayings('pins', 2, 'in-hand'), sayings('pins', 3, 'manual')] } }
		);
		expect(questionViews(vehicle)).toMatchObject([
			{
				name: 'Rear stop, left',
				label: 'Lens',
				values: [{ text: 'red', sources: [{ text: 'measured in hand', note: 'seen' }] }, { text: 'clear' }]
			},
			{ name: 'Flasher', label: 'Pins' }
		]);
	});

	it('a vehicle is named so that its sisters can be told from it', () => {
		const shown = vehicleView(
			makeConfiguration([], { years: [2015, 2019], options: { headlamp: 'projector', fog: 'none' } })
		);
		expect(shown).toMatchObject({
			name: 'Made Up, 2015 to 2019, projector headlamps',
			title: 'Made Up',
			marks: ['2015 to 2019', 'projector headlamps', 'no fog lamps'],
			options: ['projector headlamps', 'no fog lamps'],
			tells: []
		});
	});
});
