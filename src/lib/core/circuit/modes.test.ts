import { describe, expect, it } from 'vitest';
import { makeConfiguration } from '../../../../tests/support/make';
import { driveOf, flickerOf, holdUpCapacitance, lowRiskLimit, modeLabel, MODES, SWITCH_IDS, type SwitchId } from '.';

const at = (id: string, side: string, functions: string[], category: string) => ({
	id,
	zone: 'front',
	side,
	index: 1,
	functions,
	category,
	lens: 'clear'
});
const feed = (socket: string, fn: string) => ({ socket, function: fn });
const vehicle = makeConfiguration(
	[
		at('h4', 'centre', ['low-beam', 'high-beam'], 'H4'),
		at('hi', 'left', ['high-beam'], 'HB3'),
		at('lo', 'left', ['low-beam'], 'H7'),
		at('tl', 'left', ['turn'], 'PY21W'),
		at('tr', 'right', ['turn'], 'PY21W'),
		at('tc', 'centre', ['turn'], 'PY21W')
	],
	{
		channels: [
			{ id: 'h4-low', feeds: [feed('h4', 'low-beam')] },
			{ id: 'h4-high', feeds: [feed('h4', 'high-beam')] },
			{ id: 'low', feeds: [feed('lo', 'low-beam')] },
			{ id: 'high', feeds: [feed('hi', 'high-beam')] },
			{ id: 'left', feeds: [feed('tl', 'turn')] },
			{ id: 'right', feeds: [feed('tr', 'turn')] },
			{ id: 'middle', feeds: [feed('tc', 'turn')] }
		]
	}
);
const on = (...switches: SwitchId[]) =>
	vehicle.channels.filter((c) => driveOf(vehicle, c, switches).functions.length > 0).map((c) => c.id as string);

describe('what a switch lights', () => {
	it.each<[string, SwitchId[], string[]]>([
		['nothing', [], []],
		['low beam', ['low'], ['h4-low', 'low']],
		[
			'main beam takes dipped from the lamp that serves both, and leaves the other',
			['high'],
			['h4-high', 'low', 'high']
		],
		['left turn, and what stands in the middle', ['left'], ['left', 'middle']],
		['hazard', ['hazard'], ['left', 'right', 'middle']],
		['both at once', ['low', 'right'], ['h4-low', 'low', 'right', 'middle']]
	])('%s', (_, switches, channels) => expect(on(...switches).sort()).toEqual([...channels].sort()));

	it('only turn lamps come and go', () => {
		const flashing = (id: string, ...switches: SwitchId[]) =>
			driveOf(
				vehicle,
				vehicle.channels.find((c) => c.id === id)!,
				switches
			).flashing;
		expect([flashing('left', 'left'), flashing('low', 'low', 'left'), flashing('right', 'left')]).toEqual([
			true,
			false,
			false
		]);
	});

	it('every named mode is made of switches there are, and is called by them', () => {
		for (const switches of Object.values(MODES)) for (const id of switches) expect(SWITCH_IDS).toContain(id);
		expect(modeLabel([])).toBe('Off');
		expect(modeLabel(MODES['brake-left-turn'])).toBe('Brake and left turn');
	});
});

describe('flicker', () => {
	const led = { startUp: 0.001, amperes: 0.5, farads: null, volts: 13.5, turnOn: 8.5 };
	const pulsed = (frequency: number | undefined, duty: number) =>
		({ id: 'c', feeds: [], feed: { kind: 'pwm', frequency, duty: { tail: duty } } }) as never;

	it.each([
		[60, 1.5],
		[100, 8],
		[200, 16],
		[1250, 100],
		[2000, 100]
	])('low risk at %d Hz is %d %%', (hertz, limit) => expect(lowRiskLimit(hertz)).toBeCloseTo(limit, 9));

	it('a fast feed is low risk whatever its pulses, a slow one strobes', () => {
		// on for 0.25 ms at a time: only a lamp that starts sooner than that shines at all
		expect(flickerOf(pulsed(2000, 0.5), ['tail'], { ...led, startUp: 0.0001 }).word).toBe('low-risk');
		expect(flickerOf(pulsed(2000, 0.5), ['tail'], led).word).toBe('drops-out');
		expect(flickerOf(pulsed(200, 0.5), ['tail'], led).word).toBe('strobes');
	});

	it('a full on-share is steady; a frequency nobody knows is not known', () => {
		expect(flickerOf(pulsed(200, 1), ['tail'], led).word).toBe('steady');
		expect(flickerOf(pulsed(undefined, 0.5), ['tail'], led).word).toBe('unknown');
		expect(flickerOf({ id: 'c', feeds: [] } as never, ['tail'], led).word).toBe('unknown');
	});

	it('a capacitor that sags below the turn-on voltage does not hold', () => {
		const with_ = (farads: number) => flickerOf(pulsed(100, 0.1), ['tail'], { ...led, farads }).word;
		// 0.5 A x 9 ms / 5 V = 0.9 mF
		expect(holdUpCapacitance({ amperes: 0.5, secondsOff: 0.009, sag: 5 })).toBeCloseTo(0.0009, 9);
		expect([with_(0.0008), with_(0.001)]).toEqual(['strobes', 'low-risk']);
	});
});
