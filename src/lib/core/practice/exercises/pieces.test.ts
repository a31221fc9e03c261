import { describe, expect, it } from 'vitest';
import { makeAccessory } from '../../../../../tests/support/make';
import { chanceFrom } from '../chance';
import { byChoice } from './by-choice';
import { fewestLooks, judgedByLooks, minutesOf } from './by-looks';
import { costInMoney, MINUTE_COSTS, RIGHT, type Judged } from './exercise';
import { cheapest, piecesIn } from './packs';
import { MOST_TURNS, readTurns, turned, turnsText, type ScrewWall } from './screw-wall';

const packed = (...packs: [count: number, price: number][]) =>
	makeAccessory({
		id: 'part',
		kind: 'resistor',
		packs: packs.map(([count, price]) => ({ sku: `part-${count}`, count, price, stock: 9 }))
	});

describe('packs', () => {
	// By hand, at 5, 9 and 16 for one, two and four: 6 are a four and a two, 5 are a four and one.
	it.each([
		[6, 2500],
		[5, 2100],
		[4, 1600],
		[1, 500],
		[0, 0]
	])('%d pieces cost %d at least', (pieces, price) => {
		expect(cheapest(packed([1, 500], [2, 900], [4, 1600]), pieces)).toBe(price);
	});

	it('cost what trying every basket says', () => {
		const chance = chanceFrom(11);
		for (let n = 0; n < 40; n++) {
			const part = packed([1, chance.between(3, 9)], [2, chance.between(5, 16)], [5, chance.between(10, 40)]);
			const pieces = chance.between(1, 9);
			let best = Infinity;
			for (let a = 0; a <= 9; a++)
				for (let b = 0; b <= 5; b++)
					for (let c = 0; c <= 2; c++) {
						const basket = new Map([
							['part-1', a],
							['part-2', b],
							['part-5', c]
						]);
						const price = part.packs.reduce((sum, { sku, price: each }) => sum + each * (basket.get(sku) ?? 0), 0);
						if (piecesIn(part, basket) >= pieces) best = Math.min(best, price);
					}
			expect(cheapest(part, pieces)).toBe(best);
		}
	});
});

describe('looks', () => {
	const looks = [
		{ id: 'a', minutes: 4 },
		{ id: 'b', minutes: 1 },
		{ id: 'c', minutes: 2 }
	];
	const needs =
		(...ids: string[]) =>
		(set: readonly { id: string }[]) =>
			ids.every((id) => set.some((one) => one.id === id));

	it('that are enough are found in the fewest minutes, or it is said that none are', () => {
		expect(fewestLooks(looks, needs('b', 'c'))?.map(({ id }) => id)).toEqual(['b', 'c']);
		expect(fewestLooks(looks, (set) => minutesOf(set) >= 3)?.map(({ id }) => id)).toEqual(['b', 'c']);
		expect(fewestLooks(looks, () => true)).toEqual([]);
		expect(fewestLooks(looks, needs('x'))).toBeNull();
	});

	it.each([
		[false, 0, 'lucky'],
		[false, 30, 'lucky'],
		[true, 5, 'right'],
		[true, 15, 'right'],
		[true, 16, 'too-careful']
	] as const)('shown: %s, after %d min where 5 are enough: %s', (isShown, spent, outcome) => {
		expect(judgedByLooks({ isShown, spent, least: 5 }, []).outcome).toBe(outcome);
	});
});

describe('a wall with two adjusters', () => {
	const wall: ScrewWall = {
		height: 700,
		distance: 10,
		start: { drop: 40, right: -30 },
		perTurn: { vertical: { drop: 20, right: 3 }, sideways: { drop: -2, right: 15 } },
		rises: 'right'
	};

	it('moves by what each of them does, and back again', () => {
		expect(turned(wall, { vertical: 0, sideways: 0 })).toEqual(wall.start);
		expect(turned(wall, { vertical: 4, sideways: 1 })).toEqual({ drop: 118, right: -3 });
		const there = turned(wall, { vertical: 7, sideways: -5 });
		expect(turned({ ...wall, start: there }, { vertical: -7, sideways: 5 })).toEqual(wall.start);
	});

	it('is read as it is written, up to the end of the adjusters', () => {
		for (const turns of [
			{ vertical: 0, sideways: 0 },
			{ vertical: -MOST_TURNS, sideways: MOST_TURNS },
			{ vertical: 3, sideways: -11 }
		])
			expect(readTurns(turnsText(turns))).toEqual(turns);
		for (const text of ['', '1', '1 2 3', '1.5 0', ' 1 2', '21 0', '0 -21', '1e1 0', 'a b'])
			expect(readTurns(text)).toBeNull();
	});
});

describe('a question of choices', () => {
	const wrong: Judged = { outcome: 'wrong', opened: [], cost: { minutes: 10, words: 'A miss.', parts: 500 } };
	const posed = byChoice({
		task: 'Which?',
		given: [],
		options: [
			{ id: 'a', words: 'this', judged: RIGHT },
			{ id: 'b', words: 'that', judged: wrong },
			{ id: 'c', words: 'the other', judged: RIGHT }
		]
	});

	it('says nothing of its answers, and names all that stand', () => {
		expect(JSON.stringify(posed.question)).not.toMatch(/right|wrong|judged/);
		expect(posed.standsFor).toBe('this or the other');
		expect(posed.judge('b', [])).toBe(wrong);
		expect(posed.judge('toString', [])).toBeNull();
	});

	it('costs minutes and parts', () => {
		expect(costInMoney(wrong.cost!)).toBe(10 * MINUTE_COSTS + 500);
		expect(costInMoney({ minutes: 0, words: '', parts: 90 })).toBe(90);
	});
});
