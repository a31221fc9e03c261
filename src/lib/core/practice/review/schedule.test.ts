import { describe, expect, it } from 'vitest';
import { EXERCISE_IDS, isDue, nextSkill, remembered, retention, type ExerciseId, type Memory } from '../index';

const day = (n: number) => `2026-03-${String(n).padStart(2, '0')}T09:00:00.000Z`;

describe('what was learned', () => {
	it('comes back the day after a miss, and later and later while it is right', () => {
		const missed = remembered(undefined, 'wrong', day(1));
		expect(isDue(missed, day(1))).toBe(false);
		expect(isDue(missed, day(3))).toBe(true);
		let memory = remembered(undefined, 'right', day(1));
		const first = Date.parse(memory.card.due) - Date.parse(day(1));
		memory = remembered(memory, 'right', memory.card.due);
		expect(Date.parse(memory.card.due) - Date.parse(memory.card.last_review!)).toBeGreaterThan(2 * first);
		expect(first).toBeGreaterThan(Date.parse(missed.card.due) - Date.parse(day(1)) - 1);
	});

	it('fades: the longer ago, the less sure', () => {
		const memory = remembered(undefined, 'right', day(1));
		const [soon, later] = [day(2), day(20)].map((now) => retention(memory, now)!);
		expect(soon).toBeGreaterThan(later!);
		expect(soon).toBeLessThanOrEqual(1);
		expect(retention(undefined, day(1))).toBeNull();
	});

	it('is asked at the next level after three right answers, and at the one before after a miss', () => {
		let memory = remembered(undefined, 'right', day(1));
		for (const n of [4, 9]) memory = remembered(memory, 'right', day(n));
		expect(memory.level).toBe(2);
		expect(remembered(memory, 'lucky', day(12)).level).toBe(2);
		expect(remembered(memory, 'wrong', day(12)).level).toBe(1);
	});
});

describe('what is asked next', () => {
	it('is everything once, then what was missed, never the same twice in a row', () => {
		let memory: Memory = {};
		let asked: ExerciseId[] = [];
		for (let i = 0; i < EXERCISE_IDS.length + 2; i++) {
			const kind = nextSkill(memory, { offered: EXERCISE_IDS, asked, now: day(1) });
			expect(kind).not.toBe(asked[0]);
			memory = { ...memory, [kind]: remembered(memory[kind], i === 0 ? 'wrong' : 'right', day(1)) };
			asked = [kind, ...asked];
		}
		const [missed] = [...asked].reverse();
		// It came back after two others, before everything had been asked once.
		expect([...asked].reverse().indexOf(missed!, 1)).toBe(3);
		expect(new Set(asked).size).toBe(EXERCISE_IDS.length);
	});
});
