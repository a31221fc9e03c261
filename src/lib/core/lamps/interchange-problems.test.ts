import { describe, expect, it } from 'vitest';
import { INTERCHANGES, interchangeProblems, seenTogether, type Interchange } from '.';

const row = (from: string, to: string, kind: Interchange['kind'], more: Partial<Interchange> = {}): Interchange => ({
	from,
	to,
	kind,
	lamp: 'any',
	fromCategories: [from],
	toCategories: [to],
	note: '',
	confidence: 'high',
	...more
});

describe('an interchange table', () => {
	it('that ships with Rotalux holds together', () => expect(interchangeProblems(INTERCHANGES)).toEqual([]));

	it('says nothing of what is allowed', () => expect(JSON.stringify(INTERCHANGES)).not.toMatch(/legal|lawful/i));

	it.each([
		['a category against itself', [row('A', 'A', 'wrong')], 'A is set against itself'],
		['two words for one pair', [row('A', 'B', 'same'), row('A', 'B', 'trim')], 'A to B is said to be same and trim'],
		[
			'a circle that comes back to a refusal',
			[row('A', 'B', 'same'), row('B', 'C', 'same'), row('C', 'A', 'same'), row('A', 'C', 'wrong')],
			'A is the same as C by a chain of entries, and wrong by another'
		]
	])('%s is reported', (_, rows, sentence) => {
		expect(interchangeProblems(rows).join(' ')).toContain(sentence);
	});

	it('a circle of sameness alone, and a direction of its own each way, are no trouble', () => {
		expect(interchangeProblems([row('A', 'B', 'same'), row('B', 'A', 'same')])).toEqual([]);
		expect(interchangeProblems([row('A', 'B', 'trim'), row('B', 'A', 'no-fit')])).toEqual([]);
		expect(interchangeProblems([row('A', 'A', 'wrong', { lamp: 'led' })])).toEqual([]);
	});
});

describe('lamps seen together', () => {
	it.each([
		[['low-beam'], ['front-position'], 'front, lights on'],
		[['reverse'], ['licence-plate'], 'rear, reversing'],
		[['dome'], ['map'], 'cabin, doors open'],
		[['stop'], ['reverse'], null],
		[['drl', 'front-position'], ['drl'], 'front, by day']
	] as const)('%s and %s: %s', (a, b, sight) => expect(seenTogether(a, b)).toBe(sight));
});
