import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeAccessory, makeConfiguration, makeProduct } from '../../../../tests/support/make';
import type { Configuration, Proof, ProofOf } from '../model';
import { claimFacts, recordTested, testedValue } from '../record';
import { openQuestions } from '../vehicle';
import { boundsText, expectedLines, lessonOf, tappedRate, testStanding, thresholdBounds } from '.';
import { circuitOfTest } from './fitted-there';

const STOPS = (['left', 'right'] as const).map((side) => ({
	id: `stop-${side}`,
	zone: 'rear',
	side,
	index: 1,
	functions: ['stop'],
	category: 'P21W',
	lens: 'red'
}));
const stopChannel = (monitor: object) => ({
	id: 'stops',
	feeds: STOPS.map(({ id }) => ({ socket: id, function: 'stop' })),
	feed: { kind: 'steady' },
	monitor,
	message: 'Check stop lamps'
});
const vehicle = (monitor: object) => makeConfiguration(STOPS, { channels: [stopChannel(monitor)] });
const WATTS = [1, 1.5, 2, 2.6, 3.2, 4, 5];
const LAMPS = new Map(
	WATTS.map((watts) => [`led-${watts}`, makeProduct({ id: `led-${watts}`, power: { at13v5: watts } })])
);
const LOAD = makeAccessory({ id: 'load', kind: 'resistor', resistance: 25, rating: 10 });
const RECORDS = {
	product: (id: string) => LAMPS.get(id),
	accessory: (id: string) => (id === 'load' ? LOAD : undefined)
};

type Line = ProofOf<'mode-test'>['lines'][number];
const line = (mode: string, more: Partial<Line> = {}): Line => ({
	mode,
	round: 'at-once',
	isAsExpected: true,
	saw: [],
	complained: [],
	...more
});
const test = (
	configuration: Configuration,
	id: string,
	lamps: Record<string, string>,
	lines: Line[]
): ProofOf<'mode-test'> => ({
	kind: 'mode-test',
	id,
	configuration: configuration.id,
	on: `2026-11-${id.padStart(2, '0')}`,
	lamps: lamps as never,
	parts: [],
	lines
});

describe('the lines of a test', () => {
	it('all off first, then every mode in which something is on, with what Circuit expects', () => {
		const configuration = vehicle({ kind: 'hot', minCurrent: 0.5 });
		const circuit = circuitOfTest(
			configuration,
			{ lamps: { 'stop-left': 'led-2', 'stop-right': 'led-2' } as never, parts: [] },
			RECORDS
		)!;
		const lines = expectedLines(circuit);
		expect(lines.map(({ mode }) => mode)).toEqual(['off', 'brake', 'brake-left-turn', 'brake-right-turn']);
		expect(lines[1]).toMatchObject({
			lit: ['stop-left', 'stop-right'],
			complained: ['stops'],
			messages: ['Check stop lamps']
		});
		const open = circuitOfTest(vehicle({ kind: 'hot' }), { lamps: {} as never, parts: [] }, RECORDS)!;
		expect(expectedLines(open)[1]?.undecided).toEqual(['stops']);
	});

	it('is not made where a lamp that was fitted is no longer on record', () => {
		expect(
			circuitOfTest(vehicle({ kind: 'none' }), { lamps: { 'stop-left': 'gone' } as never, parts: [] }, RECORDS)
		).toBeNull();
	});

	it('stands by the last answer of each round, and goes on warm when all is answered cold', () => {
		const circuit = circuitOfTest(vehicle({ kind: 'none' }), { lamps: {} as never, parts: [] }, RECORDS)!;
		const expected = expectedLines(circuit).slice(0, 2);
		const standing = testStanding(expected, [
			line('off'),
			line('brake', { isAsExpected: false, saw: [{ what: 'dark', sockets: [] }] }),
			line('brake')
		]);
		expect(standing).toMatchObject({ done: { 'at-once': 2, 'after-ten-minutes': 0 }, otherwise: [] });
		expect(standing.next).toEqual({ mode: 'off', round: 'after-ten-minutes' });
	});
});

describe('a rate tapped along', () => {
	it('is the median, so that one slip counts for nothing, and begins again after a pause', () => {
		expect(tappedRate([0, 700, 1400, 2100, 2800])?.perMinute).toBeCloseTo(85.7, 1);
		expect(tappedRate([0, 700, 1400, 2800, 3500, 4200, 4900])?.perMinute).toBeCloseTo(85.7, 1);
		expect(tappedRate([0, 100, 200, 9000, 9350, 9700, 10050, 10400])?.perMinute).toBeCloseTo(171.4, 1);
		expect(tappedRate([0, 30, 700, 1400, 1430, 2100, 2800])?.perMinute).toBeCloseTo(85.7, 1);
		expect(tappedRate([0, 700, 1400])).toBeNull();
		expect(tappedRate([0, 0, 0, 0, 0, 0])).toBeNull();
	});

	it('any steady tapping gives its rate, with no spread', () => {
		fc.assert(
			fc.property(fc.integer({ min: 20, max: 200 }), fc.integer({ min: 5, max: 30 }), (perMinute, taps) => {
				const found = tappedRate(Array.from({ length: taps }, (_, i) => (i * 60_000) / perMinute));
				expect(found?.perMinute).toBeCloseTo(perMinute, 3);
				expect(found?.spread).toBeCloseTo(0, 3);
			})
		);
	});
});

describe('what tests teach', () => {
	const BOTH = (id: string) => ({ 'stop-left': id, 'stop-right': id });
	const bounded = (configuration: Configuration, proofs: Proof[]) =>
		thresholdBounds(configuration, proofs, RECORDS)[0]!;

	it('no message bounds from above, a message from below; two lamps of 3.2 W draw 0.44 A at 14.4 V', () => {
		const configuration = vehicle({ kind: 'hot' });
		const quiet = test(configuration, '1', BOTH('led-3.2'), [line('brake')]);
		const noisy = test(configuration, '2', BOTH('led-2'), [
			line('brake', { isAsExpected: false, complained: ['stops' as never] })
		]);
		const found = bounded(configuration, [quiet, noisy]);
		expect(found.high).toBeCloseTo(6.4 / 14.4 / 1.02, 2);
		expect(found.low).toBeCloseTo(4 / 14.4, 2);
		expect(boundsText(found)).toBe('over 0.28 A, at most 0.44 A, by 2 tests');
		expect(lessonOf(found, { value: undefined, isWeak: true, isLesson: false })).toMatchObject({
			value: 0.44,
			kind: 'narrows'
		});
		expect(lessonOf(found, { value: 0.4, isWeak: false, isLesson: false })).toBeNull();
		for (const isWeak of [false, true])
			expect(lessonOf(found, { value: 0.6, isWeak, isLesson: false })).toMatchObject({
				value: 0.44,
				kind: 'contradicts'
			});
		expect(lessonOf(found, { value: 0.4, isWeak: true, isLesson: false })).toMatchObject({
			value: 0.44,
			kind: 'narrows'
		});
		expect(lessonOf(found, { value: 0.6, isWeak: true, isLesson: true })).toMatchObject({
			value: 0.44,
			kind: 'narrows'
		});
	});

	it('holds a hidden threshold in its interval, and puts the safe end into force', () => {
		const configuration = vehicle({ kind: 'hot' });
		fc.assert(
			fc.property(
				fc.double({ min: 0.1, max: 0.9, noNaN: true }),
				fc.array(fc.constantFrom(...WATTS), { minLength: 1, maxLength: 6 }),
				(hidden, watts) => {
					const truth = vehicle({ kind: 'hot', minCurrent: hidden });
					const proofs = watts.map((each, i) => {
						const lamps = BOTH(`led-${each}`);
						const seen = expectedLines(circuitOfTest(truth, { lamps: lamps as never, parts: [] }, RECORDS)!);
						const brake = seen.find(({ mode }) => mode === 'brake')!;
						return test(configuration, String(i + 1), lamps, [
							line('brake', { complained: brake.complained as never })
						]);
					});
					const found = bounded(configuration, proofs);
					expect(found.isContradictory).toBe(false);
					// The simulated monitor looked at 13.5 V, what a test says is reckoned for a charging supply: 6 % and the share of the wires.
					if (found.low !== null) expect(hidden).toBeGreaterThan(found.low * 0.93);
					if (found.high !== null) expect(hidden).toBeLessThanOrEqual(found.high * 1.09);
					const lesson = lessonOf(found, { value: undefined, isWeak: true, isLesson: false });
					if (found.high === null) expect(lesson).toBeNull();
					else expect(lesson!.value).toBeGreaterThanOrEqual(found.high);
				}
			),
			{ numRuns: 60 }
		);
	});

	it('a cold check: quiet at 25 ohm across the lamps bounds it from below, and the value in force is that end', () => {
		const configuration = vehicle({ kind: 'cold' });
		const quiet = {
			...test(configuration, '1', BOTH('led-2'), [line('off')]),
			parts: [{ accessory: 'load', channel: 'stops' as never }]
		};
		const found = bounded(configuration, [quiet]);
		expect([found.low! > 20 && found.low! <= 25.1, found.high]).toEqual([true, null]);
		expect(lessonOf(found, { value: undefined, isWeak: true, isLesson: false })?.value).toBeLessThanOrEqual(25);
	});

	it('a flasher is bounded by its side, racing is a message, and hazard says nothing', () => {
		const turns = (['left', 'right'] as const).flatMap((side) =>
			['front', 'rear'].map((zone) => ({
				id: `${zone}-${side}`,
				zone,
				side,
				index: 1,
				functions: ['turn'],
				category: 'PY21W',
				lens: 'amber'
			}))
		);
		const configuration = makeConfiguration(turns, {
			channels: (['left', 'right'] as const).map((side) => ({
				id: `turn-${side}`,
				feeds: ['front', 'rear'].map((zone) => ({ socket: `${zone}-${side}`, function: 'turn' })),
				feed: { kind: 'steady' },
				monitor: { kind: 'flasher' }
			})),
			flasher: { kind: 'plug-in', pins: 3, normalPerMinute: 85 }
		});
		const lamps = Object.fromEntries(turns.map(({ id }) => [id, 'led-5']));
		const raced = line('left-turn', { isAsExpected: false, flashPerMinute: 170 });
		const found = bounded(configuration, [
			test(configuration, '1', lamps, [raced, line('hazard')]),
			test(configuration, '2', {}, [line('left-turn', { flashPerMinute: 84 })])
		]);
		expect(found.watched).toMatchObject({ subject: { kind: 'flasher' }, fact: 'thresholdCurrent' });
		expect(found.low).toBeCloseTo(10 / 14.4, 1);
		expect(found.high).toBeGreaterThan(3);
		expect(found.shown.map(({ mode }) => mode)).toEqual(['left-turn', 'left-turn']);
	});

	it('tests that contradict each other are both kept and become a question', () => {
		const configuration = vehicle({ kind: 'hot', minCurrent: 0.4 });
		const quiet = test(configuration, '1', BOTH('led-2'), [line('brake')]);
		const noisy = test(configuration, '2', BOTH('led-4'), [
			line('brake', { isAsExpected: false, complained: ['stops' as never] })
		]);
		const found = bounded(configuration, [quiet, noisy]);
		expect(found.isContradictory).toBe(true);
		expect(found.shown).toHaveLength(2);
		expect(lessonOf(found, { value: 0.4, isWeak: true, isLesson: false })).toMatchObject({ kind: 'contradicts' });
	});
});

describe('a lesson on record', () => {
	const witness = { on: '2026-11-20', by: 'M. Fenn', note: 'mode tests: at most 0.44 A, by 1 test' };
	const channel = { kind: 'channel' as const, id: 'stops' };
	const after = (configuration: Configuration, value: number, narrows = true) => {
		const done = recordTested(channel, { fact: 'monitor.minCurrent', value, narrows, ...witness })(configuration);
		if (!done.ok) throw new Error(done.error);
		return done.value.configuration;
	};
	const inForce = (configuration: Configuration) => configuration.channels[0]!.monitor?.minCurrent;

	it('takes the place of a number without a source, of an assumption and of an earlier lesson, without a question', () => {
		const bare = vehicle({ kind: 'hot', minCurrent: 0.6 });
		expect(testedValue(bare, channel, 'monitor.minCurrent')).toEqual({ value: 0.6, isWeak: true, isLesson: false });
		const first = after(bare, 0.44);
		const second = after(first, 0.38);
		expect([inForce(first), inForce(second)]).toEqual([0.44, 0.38]);
		expect(openQuestions(second)).toEqual([]);
		const assumed = claimFacts(channel, { 'monitor.minCurrent': 0.6 }, { source: 'assumed' })(vehicle({ kind: 'hot' }));
		const third = after(assumed.ok ? assumed.value.configuration : bare, 0.44);
		expect([inForce(third), openQuestions(third).length]).toEqual([0.44, 0]);
	});

	it('beside a number that somebody read opens a question', () => {
		const read = claimFacts(
			channel,
			{ 'monitor.minCurrent': 0.6 },
			{ source: 'manual', on: '2026-01-01' }
		)(vehicle({ kind: 'hot' }));
		const configuration = read.ok ? read.value.configuration : vehicle({ kind: 'hot' });
		expect(testedValue(configuration, channel, 'monitor.minCurrent').isWeak).toBe(false);
		const then = after(configuration, 0.44, false);
		expect(inForce(then)).toBe(0.44);
		expect(openQuestions(then).map(({ fact }) => fact)).toEqual(['monitor.minCurrent']);
	});
});
