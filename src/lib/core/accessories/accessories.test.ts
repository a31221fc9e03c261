import { describe, expect, it } from 'vitest';
import { LOW_SOCKET, makeAccessory, makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import { ACCESSORY_KINDS } from '../model';
import { answers, carries, fittedPart, joinedNeeds, loadOhms, strategyOf, suits, type Need } from './index';
import { LAMP_CATEGORIES } from '../lamps';

const on = (voltage: number) => makeConfiguration([STOP_SOCKET], { voltage });
const load = (resistance: number, rating: number) =>
	makeAccessory({ id: 'load', kind: 'resistor', resistance, rating });
const steady: Need = { kind: 'load', channel: 'feed-stop-L', duty: 1 };

describe('a load', () => {
	// Heat at 14.4 V and 28.8 V by hand, U²/R times the duty: rated at twice of it, and at most some 18 W, which is 150 C at 6.1 K/W over 40 C.
	it.each([
		[12, 12, 50, 1, '17.3 W in 50 W', true],
		[12, 12, 25, 1, '17.3 W in 25 W', false],
		[12, 6, 100, 1, '34.6 W in 100 W, too hot', false],
		[12, 6, 50, 0.5, '17.3 W in 50 W', true],
		[24, 12, 200, 1, '69.1 W in 200 W, too hot', false],
		[24, 50, 50, 1, '16.6 W in 50 W', true]
	])('on %d V, %d ohm rated %d W at a duty of %d (%s): %s', (voltage, ohms, rating, duty, _words, serves) => {
		expect(answers(load(ohms, rating), { ...steady, duty }, on(voltage))).toBe(serves);
	});

	it('without a resistance or a rating answers nothing: unknown is never a pass', () => {
		for (const more of [{ resistance: 6 }, { rating: 100 }, {}])
			expect(answers(makeAccessory({ id: 'load', kind: 'resistor', ...more }), steady, on(12))).toBe(false);
		expect(loadOhms(makeAccessory({ id: 'load', kind: 'resistor' }))).toBeNull();
	});

	it('bears less the longer it is on, the more volts there are, and the less it is rated', () => {
		const base = { ohms: 14, rating: 40, duty: 1, volts: 14.4 };
		expect(carries(base)).toBe(true);
		for (const worse of [{ volts: 28.8 }, { rating: 25 }, { ohms: 7 }])
			expect(carries({ ...base, ...worse })).toBe(false);
		expect(carries({ ...base, ohms: 7, duty: 0.5 })).toBe(true);
	});
});

describe('a flasher', () => {
	const turning = (flasher: object, more: object = {}) =>
		makeConfiguration([{ ...STOP_SOCKET, id: 'turn-L', functions: ['turn'], category: 'PY21W', lens: 'clear' }], {
			channels: [
				{
					id: 'turn-left',
					feeds: [{ socket: 'turn-L', function: 'turn' }],
					feed: { kind: 'steady' },
					monitor: { kind: 'flasher' }
				}
			],
			flasher,
			...more
		});
	const need: Need = { kind: 'load', channel: 'turn-left', duty: 0.5 };
	const plugIn = { kind: 'plug-in', pins: 3 };
	const led = (more: object = {}) => makeAccessory({ id: 'flasher', kind: 'flasher', fits: { pins: 3 }, ...more });

	it('goes in place of a plug-in unit with the same pins, on its supply, in its family', () => {
		expect(answers(led(), need, turning(plugIn))).toBe(true);
		for (const [part, vehicle] of [
			[led({ fits: { pins: 2 } }), turning(plugIn)],
			[led(), turning({ kind: 'body-computer' })],
			[led(), turning({ kind: 'plug-in' })],
			[led(), turning(plugIn, { voltage: 24 })],
			[led({ fits: { pins: 3, families: ['Other Make'] } }), turning(plugIn)]
		] as const)
			expect(answers(part, need, vehicle)).toBe(false);
	});

	it('that does not plug in changes nothing in the circuit', () => {
		expect(fittedPart(led(), turning(plugIn)).effect).toEqual({ kind: 'steady-flasher' });
		expect(fittedPart(led(), turning({ kind: 'body-computer' })).effect).toBeNull();
	});
});

describe('caps, modules and leads', () => {
	const vehicle = makeConfiguration([LOW_SOCKET]);
	const part = (kind: string, more: object = {}) => makeAccessory({ id: kind, kind, ...more });

	it.each([
		['cap', { extraDepth: 15 }, { kind: 'cap', extraDepth: 15 }, true],
		['cap', { extraDepth: 14 }, { kind: 'cap', extraDepth: 15 }, false],
		['cap', { extraDepth: 40 }, { kind: 'cap', extraDepth: 15, port: 22 }, false],
		['cap', { extraDepth: 40, port: 22 }, { kind: 'cap', extraDepth: 15, port: 22 }, true],
		['lead', { port: 22 }, { kind: 'cap', extraDepth: 0, port: 22 }, true],
		['lead', { port: 22 }, { kind: 'cap', extraDepth: 5, port: 22 }, false],
		['pwm-module', { capacitance: 0.0047 }, { kind: 'pwm-module', farads: 0.0047 }, true],
		['pwm-module', { capacitance: 0.0022 }, { kind: 'pwm-module', farads: 0.0047 }, false],
		['adapter', {}, { kind: 'adapter' }, true],
		['bracket', {}, { kind: 'adapter' }, false]
	] as [string, object, Need, boolean][])('%s %o against %o: %s', (kind, more, need, serves) => {
		expect(answers(part(kind, more), need, vehicle)).toBe(serves);
	});

	it('one cap meets all that caps are needed for', () => {
		const joined = joinedNeeds([
			{ kind: 'cap', extraDepth: 11 },
			{ kind: 'adapter' },
			{ kind: 'cap', extraDepth: 0, port: 22 }
		]);
		expect(joined).toEqual([{ kind: 'adapter' }, { kind: 'cap', extraDepth: 11, port: 22 }]);
	});

	it('suit the categories they name, by any of their designations, and every category where they name none', () => {
		const twin = LAMP_CATEGORIES.find(({ category, aka }) => category === 'H11' || aka.length > 1)!;
		for (const name of [twin.category, ...twin.aka])
			expect(suits(part('adapter', { fits: { categories: [name] } }), twin, vehicle)).toBe(true);
		expect(suits(part('adapter', { fits: { categories: ['W5W'] } }), twin, vehicle)).toBe(twin.category === 'W5W');
		expect(suits(part('adapter'), twin, vehicle)).toBe(true);
	});
});

describe('every kind of accessory', () => {
	it.each(ACCESSORY_KINDS)('%s says what the hand does, and a caution where it gets hot or holds charge', (kind) => {
		const { label, minutes, hand, caution } = strategyOf({ kind });
		expect(label).not.toBe('');
		expect(minutes).toBeGreaterThanOrEqual(0);
		expect(hand.length > 0).toBe(minutes > 0);
		if (/resistor|harness|module|flasher/.test(kind)) expect(caution).not.toBe('');
	});
});
