import { describe, expect, it } from 'vitest';
import { demoDocument } from '../../../../tests/support/demo';
import { generateCircuit } from '../../../../tests/support/generate-circuit';
import { makeAccessory, makeConfiguration, makeProduct } from '../../../../tests/support/make';
import { randomFrom } from '../../../../tests/support/random';
import { fittedPart } from '../accessories';
import type { Configuration, Product } from '../model';
import {
	driveOf,
	MODES,
	simulate,
	simulateModes,
	STOCK,
	vehicleCircuit,
	withAssumedOutputs,
	type Fault,
	type Fitted,
	type FittedPart,
	type ModeId
} from '.';

/*
 * By hand: a filament draws (P/V0)(V/V0)^0.55; at 13.5 V 21 W at 12 V draw 1.867 A, 26.9 W at 12.8 V 2.164 A, 5 W at 12 V 0.445 A.
 * Fuse, wire and contacts (0.03 ohm together) take off less than one part in a hundred.
 */
const place = (id: string, zone: string, side: string, functions: string[], category: string) => ({
	id,
	zone,
	side,
	functions,
	category,
	lens: 'clear'
});
const output = (id: string, feeds: [string, string][], more: object = {}) => ({
	id,
	feeds: feeds.map(([socket, fn]) => ({ socket, function: fn })),
	feed: { kind: 'steady' },
	monitor: { kind: 'none' },
	...more
});
function fit(lamps: Record<string, Product>, parts: FittedPart[] = [], faults: Fault[] = []): Fitted {
	const fitted = Object.entries(lamps).map(
		([socket, product]) => [socket, { kind: 'product' as const, product }] as const
	);
	return { lamps: new Map(fitted), parts, faults };
}
const at = (configuration: Configuration, mode: ModeId, fitted: Fitted = STOCK, volts?: number) =>
	simulate(vehicleCircuit(configuration, fitted), MODES[mode], volts);
const current = (state: ReturnType<typeof at>, id: string) => state.channels.find((c) => c.id === id)?.current ?? NaN;
const near = (value: number, by: number) =>
	expect(Math.abs(value - by) / by, `${value} near ${by}`).toBeLessThan(0.012);

describe('one filament, one load', () => {
	const one = makeConfiguration([place('r', 'rear', 'left', ['stop', 'tail'], 'P21W')], {
		channels: [
			output(
				'wire',
				[
					['r', 'stop'],
					['r', 'tail']
				],
				{ monitor: { kind: 'hot', minCurrent: 0.45 } }
			)
		]
	});

	it('a P21W that is stop and tail on one wire draws 1.867 A, not twice that', () => {
		near(current(at(one, 'brake'), 'wire'), 1.867);
		near(current(at(one, 'position'), 'wire'), 1.867);
	});

	it('an LED of 4.1 W draws 0.30 A of the 0.45 A it is asked for: a message', () => {
		const led = makeProduct({ power: { at13v5: 4.1 } });
		near(current(at(one, 'brake', fit({ r: led })), 'wire'), 0.304);
		expect(at(one, 'brake', fit({ r: led })).messages).toHaveLength(1);
	});

	it('US front and rear 3157 with turn and stop on a shared wire: 2 x 2.164 A, whichever way the feeds stand', () => {
		const sockets = [
			place('f', 'front', 'left', ['turn', 'front-position'], '3157'),
			place('r', 'rear', 'left', ['turn', 'stop', 'tail'], '3157')
		];
		const feeds: [string, string][] = [
			['f', 'turn'],
			['r', 'turn'],
			['r', 'stop']
		];
		for (const order of [feeds, [...feeds].reverse()]) {
			const us = makeConfiguration(sockets, { market: 'US', channels: [output('left', order)] });
			near(current(at(us, 'left-turn'), 'left'), 4.32);
			// Stop and turn asked for at once: the turn signal goes first, and the wire flashes.
			expect(at(us, 'brake-left-turn').channels.find((c) => c.id === 'left')?.flashing).toBe(true);
			expect(at(us, 'brake').channels.find((c) => c.id === 'left')?.flashing).toBe(false);
		}
	});

	it('two outputs on one contact are parted by a switch: stop does not light the front turn lamp of its wire', () => {
		const sockets = [
			place('f', 'front', 'left', ['turn'], '3156'),
			place('r', 'rear', 'left', ['turn', 'stop', 'tail'], '3157')
		];
		const us = makeConfiguration(sockets, {
			market: 'US',
			channels: [
				output('turn', [
					['f', 'turn'],
					['r', 'turn']
				]),
				output('stop', [['r', 'stop']]),
				output('tail', [['r', 'tail']])
			]
		});
		const braking = at(us, 'brake');
		expect(braking.lamps.filter((l) => l.lit).map((l) => `${l.socket} ${l.function}`)).toEqual(['r stop']);
		expect(braking.lamps.every((l) => l.glow === 'none')).toBe(true);
		// With both, the rear filament hangs on the turn wire: 2 x 2.164 A there, nothing on the stop wire.
		near(current(at(us, 'brake-left-turn'), 'turn'), 4.32);
		expect(current(at(us, 'brake-left-turn'), 'stop')).toBeLessThan(0.01);
	});
});

describe('light, not current', () => {
	it('no stock vehicle glows anywhere, demo or generated, in any mode', () => {
		const generated = Array.from({ length: 60 }, (_, i) => generateCircuit(randomFrom(i + 5)).configuration);
		for (const vehicle of [...demoDocument().configurations, ...generated])
			for (const [mode, state] of Object.entries(simulateModes(vehicleCircuit(vehicle))))
				expect(
					state.lamps.filter((l) => l.glow !== 'none').map((l) => l.socket),
					`${vehicle.id} ${mode}`
				).toEqual([]);
	});

	it('a lost earth feeds the stop current back through the tail filament of the other side: that glows', () => {
		const sockets = ['left', 'right'].map((side) => place(side[0]!, 'rear', side, ['stop', 'tail'], 'P21/5W'));
		const vehicle = makeConfiguration(sockets, {
			channels: [
				output('stop', [
					['l', 'stop'],
					['r', 'stop']
				]),
				output('tail', [
					['l', 'tail'],
					['r', 'tail']
				])
			]
		});
		const lost = at(vehicle, 'brake', fit({}, [], [{ kind: 'earth', socket: 'l', ohms: 1e6 }]));
		expect(lost.lamps.find((l) => l.socket === 'r' && l.function === 'tail')?.glow).toBe('back-feed');
		// Half an ohm in the earth lifts it by a volt: current, and no light.
		const poor = at(vehicle, 'brake', fit({}, [], [{ kind: 'earth', socket: 'l', ohms: 0.5 }]));
		expect(poor.lamps.every((l) => l.glow === 'none')).toBe(true);
	});
});

describe('settled or unknown', () => {
	it('the two-filament LED with a built-in load and a resistor on one side comes to rest', () => {
		const sockets = ['left', 'right'].map((side) => place(side[0]!, 'rear', side, ['stop', 'tail'], 'P21/5W'));
		const vehicle = makeConfiguration(sockets, {
			channels: [
				output('stop', [
					['l', 'stop'],
					['r', 'stop']
				]),
				output('tail', [
					['l', 'tail'],
					['r', 'tail']
				])
			]
		});
		const led = makeProduct({
			fits: ['P21/5W'],
			modes: ['dual'],
			builtInLoad: 8,
			power: { at13v5: 3, minor: 0.5 },
			polarity: 'free'
		});
		const load = fittedPart(makeAccessory({ id: 'R', kind: 'resistor', resistance: 20, rating: 50 }), vehicle, {
			channel: 'tail'
		});
		for (const mode of ['brake', 'position', 'off'] as const) {
			const state = at(vehicle, mode, fit({ l: led, r: led }, [load]));
			expect(state.settled, mode).toBe(true);
		}
		// Stop: 2 x (3 / 13.5 + 13.5 / 22.78) = 1.63 A; tail: 2 x 0.037 + 13.5 / 20 = 0.749 A.
		near(current(at(vehicle, 'brake', fit({ l: led, r: led })), 'stop'), 1.63);
		near(current(at(vehicle, 'position', fit({ l: led, r: led }, [load])), 'tail'), 0.749);
	});
});

describe('lamps and flashers as they are', () => {
	const stop = (category: string, monitor: object = { kind: 'none' }, functions = ['stop']) =>
		makeConfiguration([place('s', 'rear', 'left', functions, category)], {
			channels: [
				output(
					'o',
					functions.map((fn): [string, string] => ['s', fn]),
					{ monitor }
				)
			]
		});

	it('a filament lamp on sale draws like its category, whatever its watts at 13.5 V are given as', () => {
		const halogen = (power: object) => makeProduct({ kind: 'halogen', fits: ['P21W'], colour: undefined, power });
		for (const power of [{}, { at13v5: 21 }, { at13v5: 25.2 }])
			near(current(at(stop('P21W'), 'brake', fit({ s: halogen(power) })), 'o'), 1.867);
		// 27 W at 13.5 V is another lamp.
		near(current(at(stop('P21W'), 'brake', fit({ s: halogen({ at13v5: 27 }) })), 'o'), 2);
	});

	it('each filament of a two-filament lamp has its own watts: 5 W draw 0.445 A', () => {
		const vehicle = makeConfiguration([place('s', 'rear', 'left', ['stop', 'tail'], 'P21/5W')], {
			channels: [output('stop', [['s', 'stop']]), output('tail', [['s', 'tail']])]
		});
		const halogen = makeProduct({ kind: 'halogen', fits: ['P21/5W'], colour: undefined, power: { at13v5: 21 } });
		near(current(at(vehicle, 'position', fit({ s: halogen })), 'tail'), 0.445);
	});

	it('a discharge lamp draws through its ballast: 35 W about 3 A, 25 W about 2.3 A at 13.5 V', () => {
		const low = (category: string) =>
			makeConfiguration([place('s', 'front', 'left', ['low-beam'], category)], {
				channels: [output('o', [['s', 'low-beam']])]
			});
		near(current(at(low('D2S'), 'low'), 'o'), 3.04);
		near(current(at(low('D5S'), 'low'), 'o'), 2.3);
	});

	const turn = (flasher: object, more: object = {}) =>
		makeConfiguration([place('f', 'front', 'left', ['turn'], 'PY21W'), place('m', 'side', 'left', ['turn'], 'WY5W')], {
			channels: [
				output('front', [['f', 'turn']], { monitor: { kind: 'flasher' } }),
				output('side', [['m', 'turn']], more)
			],
			flasher
		});
	const led = makeProduct({ fits: ['PY21W'], power: { at13v5: 3 } });

	it('a flasher counts only the outputs it monitors: 1.867 A of 2.1 though 0.445 A more flow beside', () => {
		const unit = { kind: 'plug-in', pins: 3, thresholdCurrent: 2.1 };
		expect(at(turn(unit), 'left-turn').flash.left).toBe(170);
		expect(at(turn(unit, { monitor: { kind: 'flasher' } }), 'left-turn').flash.left).toBe(85);
	});

	it('a thermal unit goes slow, or stays on: rate by the square of the load, dead below half of what it wants', () => {
		const unit = { kind: 'plug-in', principle: 'thermal', pins: 3, thresholdCurrent: 1.7 };
		expect(at(turn(unit), 'left-turn').flash.left).toBe(85);
		const lamp = (watts: number) => fit({ f: makeProduct({ fits: ['PY21W'], power: { at13v5: watts } }) });
		// 16 W at 13.5 V draw 1.19 A, 0.70 of 1.7: 85 x 0.70^2 = 42 a minute.
		expect(at(turn(unit), 'left-turn', lamp(16)).flash.left).toBeCloseTo(42, 0);
		expect(at(turn(unit), 'left-turn', fit({ f: led })).flash.left).toBe(0);
		// A unit with two pins whose threshold nobody states is taken for a thermal one.
		expect(at(turn({ kind: 'plug-in', pins: 2 }), 'left-turn', fit({ f: led })).flash.left).toBe(0);
	});

	it('an LED flasher of another family, pins or supply changes nothing', () => {
		const unit = { kind: 'plug-in', pins: 3, thresholdCurrent: 1.5 };
		const vehicle = turn(unit);
		const rate = (more: object) => {
			const part = makeAccessory({ id: 'FL', kind: 'flasher', scope: 'vehicle', ...more });
			return at(vehicle, 'left-turn', fit({ f: led }, [fittedPart(part, vehicle)])).flash.left;
		};
		expect(rate({ fits: { pins: 3 } })).toBe(85);
		expect(rate({ fits: { pins: 3, families: ['Made Up'] } })).toBe(85);
		expect(rate({ fits: { pins: 3, families: ['Orrin Vole'] } })).toBe(170);
		expect(rate({ fits: { pins: 2 } })).toBe(170);
		expect(rate({ fits: { pins: 3 }, volts: [20, 30] })).toBe(170);
	});

	it('an on-share of 1 is steady', () => {
		const vehicle = makeConfiguration([place('s', 'rear', 'left', ['stop'], 'P21W')], {
			channels: [output('o', [['s', 'stop']], { feed: { kind: 'pwm', frequency: 100, duty: { stop: 1 } } })]
		});
		expect(at(vehicle, 'brake', fit({ s: makeProduct() })).lamps[0]?.flicker.word).toBe('steady');
	});
});

describe('supplies', () => {
	const lorry = makeConfiguration([place('s', 'rear', 'left', ['stop'], 'P21W')], {
		kind: 'lorry',
		voltage: 24,
		channels: [output('o', [['s', 'stop']])]
	});

	it('on 24 V the stock lamp is the 24 V one, 21 W at 24 V: 0.934 A at 27 V', () => {
		expect(at(lorry, 'brake').volts).toBe(27);
		near(current(at(lorry, 'brake'), 'o'), 0.875 * (27 / 24) ** 0.55);
	});

	it('an LED of constant power draws half of what it does on 12 V, and one below its range stays dark', () => {
		near(current(at(lorry, 'brake', fit({ s: makeProduct({ power: { at13v5: 2.7 }, volts: [10, 30] }) })), 'o'), 0.1);
		const dark = at(lorry, 'brake', fit({ s: makeProduct({ volts: [30, 60] }) }));
		expect(dark.lamps[0]).toMatchObject({ fed: true, lit: false });
	});

	it('a lamp that lights from 13 V up is dark with the engine off', () => {
		const car = makeConfiguration([place('s', 'rear', 'left', ['stop'], 'P21W')]);
		const late = fit({ s: makeProduct({ turnOn: 13.2 }) });
		expect(at(car, 'brake', late, 12.6).lamps[0]?.lit).toBe(false);
		expect(at(car, 'brake', late, 14.4).lamps[0]?.lit).toBe(true);
	});
});

describe('looks at the vehicle', () => {
	const bare = (looks: object | undefined, flasher?: object) => ({
		...makeConfiguration(
			[
				place('t', 'front', 'left', ['turn'], 'PY21W'),
				place('s', 'rear', 'left', ['stop', 'tail'], 'P21/5W'),
				place('m', 'cabin', 'left', ['map'], 'W5W'),
				place('l', 'front', 'left', ['low-beam'], 'H7')
			],
			{ looks, flasher }
		),
		channels: []
	});
	const outputs = (looks: object | undefined, flasher?: object) =>
		Object.fromEntries(
			withAssumedOutputs(bare(looks, flasher)).channels.map((c) => [
				c.id,
				[c.feed?.kind ?? null, c.monitor?.kind ?? null]
			])
		);

	it('a dash that reports no lamp and steady headlamps stand for every output', () => {
		expect(outputs({ lampOutMessage: 'none', headlampFeed: 'steady' })).toEqual({
			't output': ['steady', 'hot'],
			's output': ['steady', 'none'],
			's dim output': ['steady', 'none'],
			'm output': ['steady', 'none'],
			'l output': ['steady', 'none']
		});
	});

	it('a turn lamp is counted by the flasher on record, else by the strictest there is: 0.8 x 1.867 A', () => {
		expect(
			outputs({ lampOutMessage: 'none' }, { kind: 'plug-in', pins: 3, thresholdCurrent: 2.6 })['t output']
		).toEqual(['steady', 'flasher']);
		const [assumed] = withAssumedOutputs(bare({ lampOutMessage: 'none' })).channels;
		expect(assumed?.monitor?.minCurrent).toBeCloseTo(0.8 * 1.867, 2);
	});

	it('without a look only lamps of the cabin are known to hang on nothing', () => {
		expect(outputs(undefined)).toEqual({ 'm output': ['steady', 'none'] });
	});

	it('an output on record stays as it is, and a look fills what it lacks', () => {
		const vehicle = { ...bare({ lampOutMessage: 'none', headlampFeed: 'steady' }) };
		const recorded = {
			...vehicle,
			channels: [{ ...output('stop', [['s', 'stop']]), feed: undefined, monitor: { kind: 'hot', minCurrent: 1 } }]
		} as Configuration;
		const channels = withAssumedOutputs(recorded).channels;
		expect(channels.find((c) => c.id === 'stop')).toMatchObject({
			feed: { kind: 'steady' },
			monitor: { kind: 'hot', minCurrent: 1 }
		});
		// One feed of two known: the other contact has an output of its own.
		expect(channels.map((c) => c.id)).toContain('s dim output');
		expect(withAssumedOutputs(withAssumedOutputs(recorded))).toBe(withAssumedOutputs(recorded));
	});

	it('a mode drives what is assumed like what is recorded', () => {
		const vehicle = withAssumedOutputs(bare({ lampOutMessage: 'none', headlampFeed: 'steady' }));
		const stop = vehicle.channels.find((c) => c.id === 's output')!;
		expect(driveOf(vehicle, stop, ['brake']).functions).toEqual(['stop']);
	});
});
