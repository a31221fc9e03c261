import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fittedPart } from '../accessories';
import { makeAccessory, makeConfiguration, makeProduct } from '../../../../tests/support/make';
import type { Accessory, Product } from '../model';
import { demoDocument } from '../../../../tests/support/demo';
import {
	channelWave,
	lightWave,
	runMode,
	MODES,
	simulate,
	simulateModes,
	solve,
	sagOf,
	vehicleCircuit,
	wiringProblems,
	type Fault,
	type Fitted,
	type FittedPart,
	type SwitchId
} from '.';

/*
 * By hand at 13.5 V, I = (P/12)(13.5/12)^0.55, (1.125)^0.55 = 1.0669:
 *   21 W  1.75  x 1.0669 = 1.867 A     10 W  0.8333 x 1.0669 = 0.889 A     5 W  0.4167 x 1.0669 = 0.4446 A
 * LED P / V: 4.2 W 0.311 A, 2.6 W 0.193 A, 0.6 W 0.044 A, 15 W 1.111 A, 2.5 W 0.185 A. A load resistor V / R: 8 ohm 1.6875 A.
 * Fuse, wire and contacts (0.03 ohm together) take off less than two parts in a hundred.
 */
const NEAR = 0.02;
const near = (value: number | null | undefined, by: number) => {
	expect(value, `${value} near ${by}`).toBeGreaterThan(by * (1 - NEAR));
	expect(value).toBeLessThan(by * (1 + NEAR));
};

const place = (id: string, zone: string, side: string, functions: string[], category: string, more: object = {}) => ({
	id,
	zone,
	side,
	index: 1,
	functions,
	category,
	lens: 'clear',
	...more
});
const corners = ['L', 'R'].flatMap((s) => {
	const side = s === 'L' ? 'left' : 'right';
	return [
		place(`front-${s}`, 'front', side, ['turn'], 'PY21W'),
		place(`repeater-${s}`, 'side', side, ['turn'], 'WY5W'),
		place(`rear-${s}`, 'rear', side, ['turn'], 'PY21W')
	];
});
const turnChannel = (s: string, more: object = {}) => ({
	id: `turn-${s}`,
	feeds: ['front', 'repeater', 'rear'].map((at) => ({ socket: `${at}-${s}`, function: 'turn' })),
	feed: { kind: 'steady' },
	fuse: 15,
	monitor: { kind: 'flasher' },
	message: `double rate ${s}`,
	...more
});
/** A car with a plug-in flasher that wants 2.9 A a side, 70 % of the full side. */
const car = (flasher: object = {}) =>
	makeConfiguration(corners, {
		channels: [turnChannel('L'), turnChannel('R')],
		flasher: { kind: 'plug-in', pins: 3, thresholdCurrent: 2.9, checksInHazard: true, normalPerMinute: 85, ...flasher }
	});

const amber = (more: object = {}) =>
	makeProduct({ id: 'amber', fits: ['PY21W'], colour: { kind: 'amber', peak: 592 }, power: { at13v5: 4.2 }, ...more });
const small = makeProduct({ id: 'small', fits: ['WY5W'], power: { at13v5: 0.6 } });

function fit(lamps: Record<string, Product>, parts: FittedPart[] = [], faults: Fault[] = []): Fitted {
	const fitted = Object.entries(lamps).map(
		([socket, product]) => [socket, { kind: 'product' as const, product }] as const
	);
	return { lamps: new Map(fitted), parts, faults };
}
const resistor = (ohms: number): Accessory =>
	makeAccessory({ id: `R${ohms}`, kind: 'resistor', resistance: ohms, rating: 50 });
const mode = (vehicle: ReturnType<typeof car>, fitted: Fitted, ...switches: SwitchId[]) =>
	simulate(vehicleCircuit(vehicle, fitted), switches);
const channel = (state: ReturnType<typeof simulate>, id: string) => state.channels.find((c) => c.id === id)!;

describe('a turn circuit with a plug-in flasher, 2.9 A a side', () => {
	it.each([
		['stock: 1.867 + 0.445 + 1.867 = 4.179 A', {}, 4.179, 85],
		['front only: 0.311 + 0.445 + 1.867 = 2.623 A', { 'front-L': amber() }, 2.623, 170],
		['rear only: the same 2.623 A', { 'rear-L': amber() }, 2.623, 170],
		['both ends: 0.311 + 0.445 + 0.311 = 1.067 A', { 'front-L': amber(), 'rear-L': amber() }, 1.067, 170],
		['repeater only: 1.867 + 0.044 + 1.867 = 3.778 A', { 'repeater-L': small }, 3.778, 85]
	])('%s', (_, lamps, amperes, rate) => {
		const left = mode(car(), fit(lamps), 'left');
		near(channel(left, 'turn-L').current, amperes);
		expect(left.flash).toMatchObject({ left: rate, right: null });
		expect(left.messages).toEqual(rate > 85 ? ['double rate L'] : []);
	});

	it('hazard hides it: both sides in parallel, 2.623 + 4.179 = 6.80 A, count as enough', () => {
		const hazard = mode(car(), fit({ 'front-L': amber() }), 'hazard');
		expect(hazard.flash).toMatchObject({ left: 85, right: 85 });
		expect(channel(hazard, 'turn-L').why).toMatch(/both sides together 6\.[78]/);
		const unlooked = mode(car({ checksInHazard: false }), fit({ 'front-L': amber(), 'rear-L': amber() }), 'hazard');
		expect(unlooked.flash.left).toBe(85);
	});

	it('a body computer counts each output, and hazard does not hide it', () => {
		const both = car({ kind: 'body-computer', pins: undefined });
		expect(mode(both, fit({ 'front-L': amber() }), 'hazard').flash).toMatchObject({ left: 170, right: 85 });
	});

	it('8 ohm beside the LEDs: 1.067 + 1.688 = 2.755 A is still short of 2.9, 6 ohm with 2.25 A is not', () => {
		const lamps = { 'front-L': amber(), 'rear-L': amber() };
		const at = (ohms: number) =>
			mode(car(), fit(lamps, [fittedPart(resistor(ohms), car(), { channel: 'turn-L' })]), 'left');
		near(channel(at(8), 'turn-L').current, 2.755);
		expect(at(8).flash.left).toBe(170);
		near(channel(at(6), 'turn-L').current, 3.317);
		expect(at(6).flash.left).toBe(85);
	});

	it('built-in loads of 21 W hold it, until they burn open after some minutes', () => {
		const loaded = amber({ builtInLoad: 21 });
		const lamps = { 'front-L': loaded, 'rear-L': loaded };
		near(channel(mode(car(), fit(lamps), 'left'), 'turn-L').current, 2 * (0.311 + 21 / 13.5) + 0.4446);
		const gone = ['front-L', 'rear-L'].map((socket) => ({ kind: 'load-gone' as const, socket }));
		const later = mode(car(), fit(lamps, [], gone), 'left');
		near(channel(later, 'turn-L').current, 1.067);
		expect(later.flash.left).toBe(170);
	});

	it('an LED flasher keeps its rate at any load', () => {
		const flasher = fittedPart(
			makeAccessory({ id: 'FL', kind: 'flasher', scope: 'vehicle', fits: { pins: 3 } }),
			car()
		);
		expect(mode(car(), fit({ 'front-L': amber(), 'rear-L': amber() }, [flasher]), 'left').flash.left).toBe(85);
	});

	it('without a threshold nobody knows the rate, and it says which number would decide it', () => {
		const unknown = mode(car({ thresholdCurrent: undefined }), fit({ 'front-L': amber() }), 'left');
		expect(unknown.flash.left).toBeNull();
		expect(channel(unknown, 'turn-L')).toMatchObject({
			monitor: 'unknown',
			why: expect.stringContaining('threshold current')
		});
	});

	it('fuse overrun: four 6 ohm loads beside the stock side draw 4.18 + 4 x 2.25 = 13.2 A of 15; six blow it', () => {
		const loads = (n: number) => Array.from({ length: n }, () => fittedPart(resistor(6), car(), { channel: 'turn-L' }));
		const four = channel(mode(car(), fit({}, loads(4)), 'left'), 'turn-L');
		near(four.current, 13.18 / (1 + (0.02 * 13.18) / 13.5));
		expect(four.fuseShare).toBeGreaterThan(0.8);
		const eight = mode(car(), fit({}, loads(8)), 'left');
		expect(channel(eight, 'turn-L')).toMatchObject({ blown: true, current: 0 });
		expect(eight.lamps.filter((l) => l.channel === 'turn-L' && l.lit)).toEqual([]);
	});
});

describe('stop and tail', () => {
	const rear = ['L', 'R'].map((s) =>
		place(`st-${s}`, 'rear', s === 'L' ? 'left' : 'right', ['stop', 'tail'], 'W21/5W', {
			lens: 'red',
			wiring: 'crossed'
		})
	);
	const feeds = (fn: string) => ['L', 'R'].map((s) => ({ socket: `st-${s}`, function: fn }));
	const vehicle = makeConfiguration(rear, {
		channels: [
			{
				id: 'stop',
				feeds: feeds('stop'),
				feed: { kind: 'steady' },
				fuse: 15,
				monitor: { kind: 'hot', minCurrent: 1.6 },
				message: 'Stop'
			},
			{
				id: 'tail',
				feeds: feeds('tail'),
				feed: { kind: 'steady' },
				fuse: 10,
				monitor: { kind: 'cold', maxOhm: 90 },
				message: 'Tail'
			}
		]
	});
	const led = (wiring = 'crossed') =>
		makeProduct({ id: 'led', fits: ['W21/5W'], modes: ['dual'], wiring, power: { at13v5: 2.6, minor: 0.4 } });

	it('two lamps share a hot threshold: one LED 1.867 + 0.193 = 2.06 A passes 1.6, two with 0.385 do not', () => {
		near(channel(mode(vehicle, fit({ 'st-L': led() }), 'brake'), 'stop').current, 2.06);
		expect(channel(mode(vehicle, fit({ 'st-L': led() }), 'brake'), 'stop').monitor).toBe('content');
		const both = mode(vehicle, fit({ 'st-L': led(), 'st-R': led() }), 'brake');
		near(channel(both, 'stop').current, 0.385);
		expect(both.messages).toEqual(['Stop', 'Tail']); // the cold check of the tail lamps looks as well
	});

	it('a cold check takes LEDs for an open circuit, and its pulses glow; 39 ohm content it and end the glow', () => {
		const lamps = { 'st-L': led(), 'st-R': led() };
		const off = mode(vehicle, fit(lamps));
		expect(channel(off, 'tail')).toMatchObject({
			monitor: 'complains',
			why: 'an open circuit while off, at most 90 ohm'
		});
		expect(off.lamps.filter((l) => l.glow === 'pulses').map((l) => l.function)).toEqual(['tail', 'tail']);
		const loaded = mode(vehicle, fit(lamps, [fittedPart(resistor(39), vehicle, { channel: 'tail' })]));
		expect(channel(loaded, 'tail')).toMatchObject({ monitor: 'content', why: '39 ohm while off, at most 90 ohm' });
		expect(loaded.lamps.every((l) => l.glow === 'none')).toBe(true);
	});

	it('stock filaments cold: 144 / 5 / 10 = 2.88 ohm each, 1.44 ohm side by side', () => {
		expect(channel(mode(vehicle, fit({})), 'tail').why).toMatch(/^1\.[45] ohm/);
	});

	it('the wrong wiring is a short: 13.5 / 0.035 ohm = 386 A opens the fuse, and both lamps stay dark', () => {
		const short = mode(vehicle, fit({ 'st-L': led('standard') }), 'brake');
		expect(channel(short, 'stop')).toMatchObject({ blown: true, current: 0, monitor: 'complains' });
		expect(short.lamps.filter((l) => l.function === 'stop').map((l) => l.lit)).toEqual([false, false]);
		expect(mode(vehicle, fit({ 'st-L': led('both') }), 'brake').channels[0]?.blown).toBe(false);
	});

	it('2 ohm of corrosion: I = 1.75 (V/12)^0.55 and 13.5 - V = 2.03 I meet at V = 10.25, I = 1.60 A', () => {
		const one = makeConfiguration([place('stop', 'rear', 'left', ['stop'], 'P21W', { lens: 'red' })], {
			channels: [
				{
					id: 'stop',
					feeds: [{ socket: 'stop', function: 'stop' }],
					feed: { kind: 'steady' },
					monitor: { kind: 'hot', minCurrent: 1.7 }
				}
			]
		});
		near(channel(mode(one, fit({}), 'brake'), 'stop').current, 1.867);
		const corroded = channel(mode(one, fit({}, [], [{ kind: 'contact', socket: 'stop', ohms: 2 }]), 'brake'), 'stop');
		near(corroded.current, 1.602);
		expect(corroded.monitor).toBe('complains');
	});

	it('a lost earth feeds the stop current back through the tail filament', () => {
		const p215 = makeConfiguration(
			rear.map((s) => ({ ...s, category: 'P21/5W', wiring: undefined })),
			{
				channels: vehicle.channels.map((c) => ({ ...c, monitor: { kind: 'none' } }))
			}
		);
		const lost = mode(p215, fit({}, [], [{ kind: 'earth', socket: 'st-L', ohms: 1e6 }]), 'brake');
		expect(lost.lamps.find((l) => l.socket === 'st-R' && l.function === 'tail')).toMatchObject({ glow: 'back-feed' });
	});

	it('turned round, a polarity-sensitive LED stays dark and one with a rectifier does not care', () => {
		const turned = (more: object) =>
			mode(
				vehicle,
				fit({ 'st-L': { ...led(), ...more } as Product }, [], [{ kind: 'reversed', socket: 'st-L' }]),
				'brake'
			).lamps.find((l) => l.socket === 'st-L' && l.function === 'stop')?.lit;
		expect([turned({ polarity: 'sensitive' }), turned({ polarity: 'free' })]).toEqual([false, true]);
	});
});

describe('a pulsed low beam, 100 Hz at 88 %', () => {
	const vehicle = makeConfiguration([place('low', 'front', 'left', ['low-beam'], 'H7')], {
		channels: [
			{
				id: 'low',
				feeds: [{ socket: 'low', function: 'low-beam' }],
				feed: { kind: 'pwm', frequency: 100, duty: { 'low-beam': 0.88 } },
				monitor: { kind: 'none' }
			}
		]
	});
	const led = (startUp: number) => makeProduct({ id: 'h7', fits: ['H7'], power: { at13v5: 15 }, startUp });
	const flicker = (startUp: number, parts: FittedPart[] = []) =>
		mode(vehicle, fit({ low: led(startUp) }, parts), 'low').lamps[0]!;
	const module = fittedPart(makeAccessory({ id: 'PM', kind: 'pwm-module', capacitance: 0.0047 }), car(), {
		socket: 'low'
	});

	it('strobes: all its light goes for 1.2 ms a hundred times a second, low risk is 8 %', () => {
		expect(flicker(0.004).flicker).toEqual({ word: 'strobes', modulation: 100, limit: 8 });
	});

	it('drops out when 8.8 ms are too short to start', () => {
		expect(flicker(0.02)).toMatchObject({ lit: false, flicker: { word: 'drops-out' } });
	});

	it('4.7 mF hold it: 1.111 A x 1.2 ms / 4.7 mF = 0.284 V', () => {
		expect(sagOf({ amperes: 1.111, secondsOff: 0.0012, farads: 0.0047 })).toBeCloseTo(0.284, 3);
		expect(flicker(0.004, [module])).toMatchObject({ lit: true, flicker: { word: 'low-risk', modulation: 0 } });
	});

	it('the stock filament is too slow to show it', () => {
		expect(mode(vehicle, fit({}), 'low').lamps[0]).toMatchObject({ lit: true, flicker: { word: 'steady' } });
	});
});

describe('a motorcycle with a plug-in flasher, 1.2 A', () => {
	const sockets = ['L', 'R'].flatMap((s) =>
		['front', 'rear'].map((at) => place(`${at}-${s}`, at, s === 'L' ? 'left' : 'right', ['turn'], 'RY10W'))
	);
	const bike = makeConfiguration(sockets, {
		kind: 'motorcycle',
		channels: ['L', 'R'].map((s) => ({
			id: `turn-${s}`,
			feeds: ['front', 'rear'].map((at) => ({ socket: `${at}-${s}`, function: 'turn' })),
			feed: { kind: 'steady' },
			monitor: { kind: 'flasher' }
		})),
		flasher: { kind: 'plug-in', pins: 2, thresholdCurrent: 1.2, normalPerMinute: 85 }
	});
	const led = makeProduct({ id: 'ry', fits: ['RY10W'], power: { at13v5: 2.5 } });

	it('stock 2 x 0.889 = 1.778 A is content, 2 x 0.185 = 0.37 A is not, an LED flasher cures it', () => {
		const lamps = { 'front-L': led, 'rear-L': led };
		near(channel(mode(bike, fit({}), 'left'), 'turn-L').current, 1.778);
		near(channel(mode(bike, fit(lamps), 'left'), 'turn-L').current, 0.37);
		expect(mode(bike, fit(lamps), 'left').flash.left).toBe(170);
		const flasher = fittedPart(
			makeAccessory({ id: 'FL-2', kind: 'flasher', scope: 'vehicle', fits: { pins: 2 } }),
			bike
		);
		expect(mode(bike, fit(lamps, [flasher]), 'left').flash.left).toBe(85);
	});
});

describe('switchback lamps', () => {
	const socket = place('tp', 'front', 'left', ['turn', 'front-position'], '3157A', { wiring: 'standard' });
	const vehicle = makeConfiguration([socket], {
		market: 'US',
		channels: [
			{ id: 'turn', feeds: [{ socket: 'tp', function: 'turn' }], feed: { kind: 'steady' }, monitor: { kind: 'none' } },
			{
				id: 'park',
				feeds: [{ socket: 'tp', function: 'front-position' }],
				feed: { kind: 'steady' },
				monitor: { kind: 'none' }
			}
		],
		flasher: { kind: 'plug-in', normalPerMinute: 60 }
	});
	const lamp = (kind: string) =>
		makeProduct({
			id: kind,
			fits: ['3157A'],
			modes: [kind],
			wiring: 'standard',
			power: { at13v5: 4, minor: 2 },
			minorColour: { kind: 'white', cct: 6000 }
		});
	const seen = (kind: string, ...switches: SwitchId[]) => {
		const circuit = vehicleCircuit(vehicle, fit({ tp: lamp(kind) }));
		const wave = lightWave({ circuit, mode: simulate(circuit, switches) }, 'tp', { seconds: 1, samples: 100 });
		const at = (t: number) => {
			const sample = wave[t * 100]!;
			return sample.light > 0 ? sample.colour : 'dark';
		};
		return [at(0.25), at(0.75)];
	};

	it('type A: amber, dark; type B: amber, white; both white while only the position lamp is on', () => {
		expect(seen('switchback-a', 'position', 'left')).toEqual(['own', 'dark']);
		expect(seen('switchback-b', 'position', 'left')).toEqual(['own', 'minor']);
		expect(seen('switchback-a', 'position')).toEqual(['minor', 'minor']);
	});
});

describe('waves', () => {
	it('a flashing channel is on for half of 60 / 85 s, and hyperflash doubles it', () => {
		const rises = (lamps: Record<string, Product>) => {
			const circuit = vehicleCircuit(car(), fit(lamps));
			const state = simulate(circuit, ['left']);
			const wave = channelWave({ circuit, mode: state }, circuit.channels.get('turn-L')!, {
				seconds: 60,
				samples: 60_000
			});
			return wave.filter((s, i) => s.volts > 0 && (wave[i - 1]?.volts ?? 0) === 0).length;
		};
		expect([rises({}), rises({ 'front-L': amber() })]).toEqual([85, 170]);
	});

	it('an LED follows at once, a filament takes time to glow and to fade', () => {
		const light = (lamps: Record<string, Product>) => {
			const circuit = vehicleCircuit(car(), fit(lamps));
			return lightWave({ circuit, mode: simulate(circuit, ['left']) }, 'rear-L', { seconds: 1, samples: 1000 });
		};
		const after = (wave: ReturnType<typeof light>) => wave[360]!.light / Math.max(...wave.map((s) => s.light));
		expect(after(light({ 'rear-L': amber(), 'front-L': amber({ builtInLoad: 60 }) }))).toBe(0);
		expect(after(light({}))).toBeGreaterThan(0.5);
	});
});

describe('properties of the network', () => {
	const demo = demoDocument();
	const lamps = demo.products.filter((p) => p.kind === 'led' && p.power?.at13v5 !== undefined);
	const anyVehicle = fc.constantFrom(...demo.configurations);
	const anyMode = fc.constantFrom(...Object.values(MODES));
	const anyFit = fc.array(fc.tuple(fc.nat(60), fc.constantFrom(...lamps)), { maxLength: 12 });
	const fitted = (vehicle: (typeof demo.configurations)[number], list: [number, Product][]) =>
		fit(Object.fromEntries(list.map(([i, product]) => [vehicle.sockets[i % vehicle.sockets.length]!.id, product])));

	it('currents leave each node as they enter it', () => {
		fc.assert(
			fc.property(
				anyVehicle,
				anyFit,
				anyMode,
				fc.double({ min: 9, max: 15, noNaN: true }),
				(vehicle, list, switches, volts) => {
					const { network } = runMode(vehicleCircuit(vehicle, fitted(vehicle, list)), switches, volts);
					const { amperes, residual } = solve(network.elements);
					expect(residual).toBeLessThan(1e-6);
					const sums = new Map<string, number>();
					for (const e of network.elements) {
						sums.set(e.from, (sums.get(e.from) ?? 0) + amperes.get(e.id)!);
						sums.set(e.to, (sums.get(e.to) ?? 0) - amperes.get(e.id)!);
					}
					sums.delete('ground');
					for (const [node, sum] of sums) expect(Math.abs(sum), node).toBeLessThan(1e-6);
				}
			),
			{ numRuns: 60 }
		);
	});

	it('a load in parallel never lowers the current of its channel', () => {
		fc.assert(
			fc.property(
				anyVehicle,
				anyFit,
				anyMode,
				fc.constantFrom(6, 10, 39, 100),
				fc.nat(20),
				(vehicle, list, switches, ohms, at) => {
					const id = vehicle.channels[at % vehicle.channels.length]!.id;
					const base = fitted(vehicle, list);
					const current = (f: Fitted) => channel(simulate(vehicleCircuit(vehicle, f), switches), id);
					const before = current(base);
					const after = current({ ...base, parts: [fittedPart(resistor(ohms), vehicle, { channel: id })] });
					if (before.current === null || after.blown) return;
					expect(after.current!).toBeGreaterThanOrEqual(before.current - 1e-9);
				}
			),
			{ numRuns: 60 }
		);
	});

	it('nothing depends on the order of sockets, channels and feeds', () => {
		fc.assert(
			fc.property(anyVehicle, anyFit, anyMode, (vehicle, list, switches) => {
				const turned = {
					...vehicle,
					sockets: [...vehicle.sockets].reverse(),
					channels: [...vehicle.channels].reverse().map((c) => ({ ...c, feeds: [...c.feeds].reverse() }))
				};
				const lampsOn = fitted(vehicle, list);
				const state = (v: typeof vehicle) => simulate(vehicleCircuit(v, lampsOn), switches);
				const shown = (s: ReturnType<typeof state>) => ({
					flash: [s.flash.left, s.flash.right],
					channels: s.channels.map((c) => [c.id, c.monitor, c.current?.toFixed(6)].join()).sort(),
					lamps: s.lamps.map((l) => [l.socket, l.function, l.lit, l.glow, l.flicker.word].join()).sort()
				});
				expect(shown(state(turned))).toEqual(shown(state(vehicle)));
			}),
			{ numRuns: 60 }
		);
	});

	it('every demo vehicle is content as it left the works, from 11 to 15 V', () => {
		for (const vehicle of demo.configurations)
			for (const volts of [11, 12.6, 13.5, 14.4, 15])
				for (const state of Object.values(
					simulateModes(vehicleCircuit(vehicle), (volts * (vehicle.voltage ?? 12)) / 12)
				))
					expect(state.messages, `${vehicle.id} ${state.label} ${volts} V`).toEqual([]);
	});
});

describe('wiring that cannot be as it is on record', () => {
	it.each([
		['a socket nothing feeds', { channels: [turnChannel('R')] }, 'nothing on record feeds its turn'],
		[
			'a socket on two channels',
			{ channels: [turnChannel('L'), turnChannel('R'), { ...turnChannel('L'), id: 'second' }] },
			'from turn-L and second'
		],
		[
			'a feed named twice',
			{
				channels: [
					{ ...turnChannel('L'), feeds: [...turnChannel('L').feeds, turnChannel('L').feeds[0]] },
					turnChannel('R')
				]
			},
			'twice, which is a loop'
		],
		[
			'a flasher without threshold',
			{ channels: [turnChannel('L'), turnChannel('R')], flasher: { kind: 'plug-in' } },
			'no threshold current'
		]
	])('%s is named', (_, more, sentence) => {
		const vehicle = {
			...makeConfiguration(corners, { channels: [turnChannel('L'), turnChannel('R')] }),
			...more
		} as ReturnType<typeof car>;
		expect(
			wiringProblems(vehicle)
				.map((t) => t.text)
				.join(' ')
		).toContain(sentence);
		expect(() => simulate(vehicleCircuit(vehicle), ['left'])).not.toThrow();
	});
});
