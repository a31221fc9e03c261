import { describe, expect, it } from 'vitest';
import { demoDocument } from '../../../../tests/support/demo';
import { LOW_SOCKET, makeAccessory, makeConfiguration, makeProduct, STOP_SOCKET } from '../../../../tests/support/make';
import { solver } from '../../../../tests/support/solver';
import { vehicleCircuit, withAssumedOutputs } from '../circuit';
import type { Accessory, Configuration, Product } from '../model';
import { jobOfSockets, planFitUp, type Job } from '.';
import { holderMark } from './holder-mark';

const demo = demoDocument();
const vehicle = (id: string): Configuration => demo.configurations.find((c) => c.id === id)!;
const plain = (configuration: Configuration, ...sockets: string[]) =>
	planFitUp(jobOfSockets(configuration, sockets), null, solver);

/** A job with this product in each of some sockets, and these parts. */
function job(
	configuration: Configuration,
	lamps: Record<string, Product>,
	parts: { accessory: Accessory; channel?: string }[] = []
): Job {
	return {
		configuration,
		lamps: configuration.sockets.flatMap((socket) =>
			lamps[socket.id] ? [{ socket, product: lamps[socket.id]! }] : []
		),
		parts: parts.map(({ accessory, ...place }) => ({ accessory, place }))
	};
}

const twins = [STOP_SOCKET, { ...STOP_SOCKET, id: 'stop-R', side: 'right' }, LOW_SOCKET];
const channels = [
	{
		id: 'stop',
		feeds: ['stop-L', 'stop-R'].map((socket) => ({ socket, function: 'stop' })),
		feed: { kind: 'steady' },
		monitor: { kind: 'hot', minCurrent: 3 },
		message: 'stop lamp'
	}
];

describe('the plan of demo vehicles', () => {
	it('takes the headlamp out once for all that is in it, with everything before it, and says what else is then free', async () => {
		const { steps, minutes, adds, exact } = await plain(vehicle('fenholm-skerry-ii-2017'), 'low-L', 'high-L');
		expect(steps.flatMap(({ operation }) => operation ?? [])).toEqual([
			'bonnet',
			'grille-strip',
			'arch-L',
			'bumper-L',
			'headlamp-L'
		]);
		expect([minutes, exact]).toEqual([2 + 6 + 15 + 7 + 14, true]);
		const added = new Map(adds.map((add) => [add.place, add.minutes]));
		expect([added.get('turn-front-L'), added.get('fog-L')]).toEqual([0, 0]);
		// On the right a reservoir is in the way as well.
		expect(added.get('low-R')).toBe(15 + 7 + 6 + 14);
	});

	it('chooses the shorter of two routes to the flasher, and the other one where it is open anyway', async () => {
		const us = vehicle('brisken-tarn-2018-us');
		const flasher = { ...demo.accessories.find((a) => a.kind === 'flasher')! };
		const { steps } = await planFitUp(
			{ configuration: us, lamps: [], parts: [{ accessory: flasher, place: {} }] },
			null,
			solver
		);
		expect(steps.flatMap(({ operation }) => operation ?? [])).toEqual(['kick-panel', 'fuse-cover', 'relay-block']);
	});

	it('plans every place of every demo vehicle, each operation once and after what it wants', async () => {
		for (const configuration of demo.configurations) {
			const { steps, refit, notRecorded, unreachable } = await plain(
				configuration,
				...configuration.sockets.map(({ id }) => id)
			);
			const order = steps.flatMap(({ operation }) => operation ?? []);
			expect(new Set(order).size).toBe(order.length);
			for (const [at, id] of order.entries()) {
				const { after = [] } = configuration.access!.operations.find((o) => o.id === id)!;
				for (const other of after) expect(order.indexOf(other)).toBeLessThan(at);
			}
			const done = steps.filter(({ kind }) => kind === 'operation' || kind === 'reach');
			expect(refit.map(({ title }) => title.slice(6))).toEqual(
				[...done].reverse().map(({ title }) => title.charAt(0).toLowerCase() + title.slice(1))
			);
			expect(steps.filter(({ kind }) => kind === 'lamp')).toHaveLength(configuration.sockets.length);
			expect(unreachable).toEqual([]);
			expect(new Set([...steps, ...refit].map(({ id }) => id)).size).toBe(steps.length + refit.length);
			if (!configuration.access) expect(notRecorded).toHaveLength(configuration.sockets.length);
		}
	});
});

describe('steps', () => {
	const led = makeProduct({ fits: ['P21W'], colour: { kind: 'red', peak: 625 }, polarity: 'sensitive' });

	it('the first side is looked at beside the second, before that one is opened', async () => {
		const car = makeConfiguration(twins, {
			channels,
			access: {
				operations: [
					{ id: 'lamp-L', side: 'left', title: 'Lamp out', minutesOff: 2, minutesOn: 3, reaches: ['stop-L'] },
					{ id: 'lamp-R', side: 'right', title: 'Lamp out', minutesOff: 2, minutesOn: 3, reaches: ['stop-R'] }
				]
			}
		});
		const { steps, minutes } = await planFitUp(job(car, { 'stop-L': led, 'stop-R': led }), null, solver);
		expect(steps.map(({ id }) => id)).toEqual([
			'before',
			'do lamp-L',
			'lamp stop-L',
			'compare',
			'do lamp-R',
			'lamp stop-R',
			'check'
		]);
		expect(minutes).toBe(10);
	});

	it('what should light and what the dash should say comes from the circuit, in the modes the job changes and no others', async () => {
		const car = withAssumedOutputs(makeConfiguration(twins, { channels }));
		const lamps = { 'stop-L': led, 'stop-R': led };
		const circuit = vehicleCircuit(car, {
			lamps: new Map(Object.keys(lamps).map((id) => [id, { kind: 'product', product: led } as const])),
			parts: [],
			faults: []
		});
		const check = (await planFitUp(job(car, lamps), circuit, solver)).steps.at(-1);
		expect(check?.modes.map(({ mode, lit, messages }) => ({ mode, lit, messages }))).toEqual([
			{ mode: 'brake', lit: ['stop-L', 'stop-R'], messages: ['stop lamp'] }
		]);
	});

	it('a caution stands only where it applies', async () => {
		const car = makeConfiguration(twins, { channels });
		const load = makeAccessory({ id: 'load', kind: 'resistor', resistance: 6, rating: 50 });
		const words = async (parts: { accessory: Accessory; channel?: string }[]) =>
			(await planFitUp(job(car, { 'stop-L': led }, parts), null, solver)).cautions.join(' ');
		expect(await words([])).not.toMatch(/resistor|airbag|20 kV|aim/);
		expect(await words([{ accessory: load, channel: 'stop' }])).toMatch(/Load resistors pass 100 C/);
	});

	it.each([
		['at 2 o’clock', 60],
		["10:30 o'clock", 315],
		['12:00', 0],
		['upright', null]
	])('a holder that stands %s is drawn so', (orientation, at) =>
		expect(holderMark({ orientation })).toEqual(at === null ? null : { kind: 'mark', at })
	);

	it('a lamp is told by its holder: clip, collar, polarity, cap', async () => {
		const beam = { ...LOW_SOCKET, retention: 'spring-clip', keyAngle: 30, cap: { kind: 'stock-sealed', depth: 60 } };
		const car = makeConfiguration([beam]);
		const lamp = makeProduct({
			fits: ['H11'],
			emission: 'sided',
			emitterAngle: 90,
			collar: 'adjustable',
			cooling: 'fan'
		});
		const { steps, notRecorded, defaultMinutes } = await planFitUp(job(car, { 'low-L': lamp }), null, solver);
		const { hand, drawing } = steps.find(({ id }) => id === 'lamp low-L')!;
		expect(hand).toContainEqual(expect.stringMatching(/collar by 30° anticlockwise/));
		expect(hand).toContainEqual(expect.stringMatching(/wire clip/));
		expect(hand).toContainEqual(expect.stringMatching(/fan stays free/));
		expect(drawing).toEqual({ kind: 'clock', key: 30, emitter: 90, turn: { degrees: 30, direction: 'anticlockwise' } });
		expect([notRecorded, defaultMinutes]).toEqual([['low-L'], 20]);
	});
});
