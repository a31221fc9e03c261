import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { linearSolution } from './linear';

describe('linearSolution', () => {
	it('solves 2x + y = 5, x + 3y = 10', () => {
		const solved = linearSolution(
			[
				[2, 1],
				[1, 3]
			],
			[5, 10]
		);
		expect(solved.ok && solved.value.map((v) => Math.round(v * 1e9) / 1e9)).toEqual([1, 3]);
	});

	it.each([
		[
			'two equations that say the same',
			[
				[1, 2],
				[2, 4]
			],
			'singular'
		],
		[
			'an unknown nobody speaks of',
			[
				[1, 0],
				[0, 0]
			],
			'singular'
		],
		[
			'two that say nearly the same',
			[
				[1, 1],
				[1, 1 + 1e-15]
			],
			'badly-conditioned'
		]
	] as [string, number[][], string][])('%s: %s', (_, matrix, problem) => {
		const solved = linearSolution(matrix, [1, 1]);
		expect(solved.ok ? 'solved' : solved.error).toMatch(problem === 'singular' ? /singular/ : /badly|singular/);
	});

	it('a node on a leak beside a thick wire is no trouble', () => {
		const solved = linearSolution(
			[
				[50, 0],
				[0, 1e-12]
			],
			[100, 1e-12]
		);
		expect(solved).toEqual({ ok: true, value: [2, 1] });
	});

	it('gives the vector the right side was made from', () => {
		const entry = fc.double({ min: -5, max: 5, noNaN: true });
		fc.assert(
			fc.property(fc.array(fc.array(entry, { minLength: 4, maxLength: 4 }), { minLength: 4, maxLength: 4 }), (rows) => {
				const matrix = rows.map((row, i) =>
					row.map((value, j) => (i === j ? value + Math.sign(value || 1) * 25 : value))
				);
				const wanted = [1, -2, 3, 0.5];
				const right = matrix.map((row) => row.reduce((sum, value, j) => sum + value * wanted[j]!, 0));
				const solved = linearSolution(matrix, right);
				expect(solved.ok).toBe(true);
				if (solved.ok) solved.value.forEach((value, i) => expect(value).toBeCloseTo(wanted[i]!, 9));
			})
		);
	});
});
