import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solver } from '../../../../tests/support/solver';
import { independentParts, solveInParts } from './split';
import type { Constraint, Program, Solver, Variable } from './solver';

const variable = (name: string, cost = 1): Variable => ({ name, cost, kind: 'integer', max: 3 });
const row = (name: string, names: readonly string[], bound = 1): Constraint => ({
	name,
	terms: names.map((n) => [1, n] as const),
	sense: '>=',
	bound
});
/** So many variables that belong together, which is enough to be solved by themselves. */
const island = (prefix: string, size: number): Program => {
	const names = Array.from({ length: size }, (_, i) => `${prefix}${i}`);
	return {
		variables: names.map((n, i) => variable(n, 1 + (i % 5))),
		constraints: names.slice(1).map((n, i) => row(`${prefix}r${i}`, [names[i] as string, n], 1 + (i % 3)))
	};
};
const joined = (...programs: Program[]): Program => ({
	variables: programs.flatMap((p) => p.variables),
	constraints: programs.flatMap((p) => p.constraints)
});

describe('independentParts', () => {
	it('cuts a program where nothing ties it together, the largest part first', () => {
		const parts = independentParts(joined(island('a', 50), island('b', 70)));
		expect(parts.map((p) => p.variables.length)).toEqual([70, 50]);
		expect(parts.map((p) => p.constraints.length)).toEqual([69, 49]);
	});

	it('puts small parts together', () => {
		const small = Array.from({ length: 5 }, (_, i) => island(`s${i}x`, 4));
		expect(independentParts(joined(island('a', 50), ...small)).map((p) => p.variables.length)).toEqual([50, 20]);
	});

	it('loses nothing and shares nothing, whatever the constraints', () => {
		const anyRow = fc.uniqueArray(fc.integer({ min: 0, max: 59 }), { minLength: 1, maxLength: 4 });
		fc.assert(
			fc.property(fc.array(anyRow, { maxLength: 60 }), (rows) => {
				const program: Program = {
					variables: Array.from({ length: 60 }, (_, i) => variable(`v${i}`)),
					constraints: rows.map((r, i) =>
						row(
							`c${i}`,
							r.map((n) => `v${n}`)
						)
					)
				};
				const parts = independentParts(program);
				expect(parts.flatMap((p) => p.variables.map((v) => v.name)).sort()).toEqual(
					program.variables.map((v) => v.name).sort()
				);
				expect(parts.reduce((sum, p) => sum + p.constraints.length, 0)).toBe(rows.length);
				for (const part of parts) {
					const own = new Set(part.variables.map((v) => v.name));
					for (const { terms } of part.constraints) for (const [, name] of terms) expect(own.has(name)).toBe(true);
				}
			})
		);
	});
});

describe('solveInParts', () => {
	it('comes to what the solver says of the whole', async () => {
		const program = joined(island('a', 45), island('b', 60), island('c', 5));
		const [whole, parts] = [await solver(program), await solveInParts(program, solver)];
		if (whole.status === 'infeasible' || parts.status === 'infeasible') throw new Error('it can be solved');
		expect([parts.objective, parts.bound]).toEqual([whole.objective, whole.bound]);
		expect(parts.values.size).toBe(program.variables.length);
	});

	it('is infeasible as soon as one part is', async () => {
		const never: Program = { variables: [variable('n')], constraints: [row('n', ['n'], 9)] };
		expect(await solveInParts(joined(island('a', 45), never), solver)).toEqual({ status: 'infeasible' });
	});

	it('decides a part without constraints by its costs alone', async () => {
		const free: Program = { variables: [variable('up', -2), variable('down', 3)], constraints: [] };
		const unused: Solver = () => Promise.reject(new Error('nobody has to solve this'));
		expect(await solveInParts(free, unused)).toMatchObject({ status: 'optimal', objective: -6, bound: -6 });
	});

	it('adds the progress of its parts up, and says nothing before each has one', async () => {
		const heard: { best: number | null; bound: number | null }[] = [];
		await solveInParts(joined(island('a', 45), island('b', 60)), solver, { onProgress: (p) => heard.push(p) });
		expect(heard.at(0)?.best).toBeNull();
		expect(heard.at(-1)?.best).toBe(heard.at(-1)?.bound);
	});
});
