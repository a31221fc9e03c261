import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Complaint, FollowUp } from '../model';
import { monthsAfter, proportion } from '../quantity';
import { dueFollowUps, lampLives, medianLife, suspectBatch, survival, type FittedLampLife, type Watched } from '.';

const watched = (text: string): Watched[] =>
	text.split(' ').map((one) => ({ time: parseFloat(one), ended: !one.endsWith('+') }));
/** Weeks in remission with 6-mercaptopurine and without (Freireich and others 1963), the textbook case of the estimate. */
const TREATED = watched('6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+');
const PLACEBO = watched('1 1 2 2 3 4 4 5 5 8 8 8 8 11 11 12 12 15 17 22 23');

describe('how long lamps live', () => {
	it('the textbook case: 0.857 at 6 weeks, 0.627 at 16, 0.448 at 23, of those at risk', () => {
		const steps = survival(TREATED);
		expect(steps.map(({ time, atRisk, ended }) => [time, atRisk, ended])).toEqual([
			[6, 21, 3],
			[7, 17, 1],
			[10, 15, 1],
			[13, 12, 1],
			[16, 11, 1],
			[22, 7, 1],
			[23, 6, 1]
		]);
		const at = (time: number) => steps.find((step) => step.time === time)!.survives;
		expect([6, 7, 10, 13, 16, 22, 23].map((time) => Math.round(1000 * at(time)) / 1000)).toEqual([
			0.857, 0.807, 0.753, 0.69, 0.627, 0.538, 0.448
		]);
		expect([medianLife(steps), medianLife(survival(PLACEBO))]).toEqual([23, 8]);
	});

	it("its band is Greenwood's on the log-log scale: 0.620 to 0.952 at 6 weeks", () => {
		const [first] = survival(TREATED);
		expect(first!.low).toBeCloseTo(0.62, 2);
		expect(first!.high).toBeCloseTo(0.952, 2);
	});

	it('without censoring it is the share that is left; it only falls, and stays inside its band', () => {
		const lives = fc.array(fc.record({ time: fc.integer({ min: 0, max: 30 }), ended: fc.boolean() }), {
			minLength: 1,
			maxLength: 40
		});
		fc.assert(
			fc.property(lives, (list) => {
				const all = list.map((one) => ({ ...one, ended: true }));
				for (const step of survival(all))
					expect(step.survives).toBeCloseTo(all.filter(({ time }) => time > step.time).length / all.length, 9);
				let before = 1;
				for (const { survives, low, high } of survival(list)) {
					expect(survives).toBeLessThanOrEqual(before);
					expect(low).toBeLessThanOrEqual(survives + 1e-12);
					expect(high).toBeGreaterThanOrEqual(survives - 1e-12);
					before = survives;
				}
			})
		);
	});

	it('a lamp nobody heard of is not taken for alive; who speaks of one lamp says the others work', () => {
		const lamp = (socket: string): FittedLampLife => ({
			fitting: 'F1',
			configuration: 'v',
			socket,
			product: 'p',
			on: '2026-01-01'
		});
		const lamps = [lamp('a'), lamp('b')];
		const life = (complaints: object[], followUps: object[] = []) =>
			lampLives(lamps, { complaints: complaints as Complaint[], followUps: followUps as FollowUp[] }).map(
				({ time, ended }) => `${time.toFixed(0)}${ended ? '' : '+'}`
			);
		expect(life([])).toEqual(['0+', '0+']);
		expect(life([], [{ fitting: 'F1', answer: 'fine', on: '2026-07-02' }])).toEqual(['6+', '6+']);
		expect(life([], [{ fitting: 'F1', answer: 'no-answer', on: '2026-07-02' }])).toEqual(['0+', '0+']);
		const died = {
			fitting: 'F1',
			socket: 'a',
			product: 'p',
			on: '2026-04-02',
			seen: [{ symptom: 'died' }],
			state: 'open'
		};
		expect(life([died])).toEqual(['3', '3+']);
		const { socket: _socket, ...nowhere } = died;
		expect(life([nowhere])).toEqual(['0+', '0+']);
		expect(life([{ ...died, state: 'unread' }])).toEqual(['0+', '0+']);
		expect(life([{ ...died, state: 'settled', cause: 'corroded-contact', remedy: { kind: 'step' } }])).toEqual([
			'0+',
			'3+'
		]);
	});
});

describe('a bad batch', () => {
	const lamps = (share: (day: number) => number) =>
		Array.from({ length: 90 }, (_, i) => ({
			on: monthsAfter('2026-01-01', 0).slice(0, 8) + String(1 + (i % 30)).padStart(2, '0'),
			ended: share(1 + (i % 30)) > (i % 3) / 3
		}));

	it('is found by its days, with both shares', () => {
		const found = suspectBatch(lamps((day) => (day >= 10 && day <= 16 ? 0.9 : 0)));
		expect([found?.from, found?.to]).toEqual(['2026-01-10', '2026-01-16']);
		expect([found?.came.counted, found?.others.counted]).toEqual([21, 0]);
	});

	it('is not seen in what dies evenly, nor in a few', () => {
		expect(suspectBatch(lamps(() => 0.2))).toBeNull();
		expect(suspectBatch([{ on: '2026-01-01', ended: true }])).toBeNull();
		expect(suspectBatch([])).toBeNull();
	});
});

describe('asking after a fitting', () => {
	const due = (today: string, answered: number[] = []) =>
		dueFollowUps([{ id: 'F', on: '2026-01-31' }], {
			months: [1, 6, 12],
			answered: new Map([['F', answered]]),
			today
		}).map(({ months, due: day }) => `${months} ${day}`);

	it('when its months are over, by the calendar, once, and only for the last of them', () => {
		expect(due('2026-02-27')).toEqual([]);
		expect(due('2026-02-28')).toEqual(['1 2026-02-28']);
		expect(due('2026-02-28', [1])).toEqual([]);
		expect(due('2026-08-01')).toEqual(['6 2026-07-31']);
		expect(due('2027-03-01', [1])).toEqual(['12 2027-01-31']);
	});
});

describe('a share of a few', () => {
	it.each([
		[0, 10, 0, 0.278],
		[1, 20, 0.009, 0.236],
		[5, 10, 0.237, 0.763],
		[10, 10, 0.722, 1]
	])('%i of %i lies from %f to %f (Wilson)', (counted, of, low, high) => {
		const found = proportion(counted, of);
		expect(found.low).toBeCloseTo(low, 3);
		expect(found.high).toBeCloseTo(high, 3);
	});
});
