import { LuDecomposition, Matrix } from 'ml-matrix';
import { err, ok, type Result } from '../../result';

/** Why a system of equations has no answer that can be trusted. */
export type LinearProblem = 'singular' | 'badly-conditioned';

/** A pivot this much smaller than the largest one leaves no digit of the answer. */
const LEAST_PIVOT_SHARE = 1e-14;
/** An unknown in at most so many other equations is taken out by itself: lamps hang on a network like leaves. */
const FEW = 2;
/** An unknown is taken out by a pivot no smaller than this share of what else stands in its equation. */
const SAFE_PIVOT = 0.1;

/** An unknown that was taken out: `x = (right - sum of others) / pivot`. */
interface TakenOut {
	at: number;
	pivot: number;
	others: readonly (readonly [at: number, value: number])[];
}

/** Which unknowns stand together in an equation. */
function neighboursIn(rows: readonly (readonly number[])[]): Set<number>[] {
	const near = rows.map(() => new Set<number>());
	for (let i = 0; i < rows.length; i += 1) {
		const row = rows[i] as readonly number[];
		for (let j = 0; j < row.length; j += 1)
			if (i !== j && row[j] !== 0) {
				near[i]?.add(j);
				near[j]?.add(i);
			}
	}
	return near;
}

/** Takes out unknowns that stand in few equations, until none is left whose pivot is safe. Changes `rows` and `right`. */
function takeOutLeaves(rows: number[][], right: number[]): TakenOut[] {
	const near = neighboursIn(rows);
	const taken: TakenOut[] = [];
	const waiting = rows.map((_, i) => i);
	const isOut = new Set<number>();
	while (waiting.length > 0) {
		const at = waiting.pop() as number;
		const beside = near[at] as Set<number>;
		if (isOut.has(at) || beside.size > FEW) continue;
		const row = rows[at] as number[];
		const others = [...beside].map((j) => [j, row[j] ?? 0] as const);
		const pivot = row[at] ?? 0;
		if (pivot === 0 || others.some(([, value]) => Math.abs(pivot) < SAFE_PIVOT * Math.abs(value))) continue;
		isOut.add(at);
		taken.push({ at, pivot, others });
		for (const i of beside) {
			const other = rows[i] as number[];
			const share = (other[at] ?? 0) / pivot;
			for (const [j, value] of others) {
				other[j] = (other[j] ?? 0) - share * value;
				if (i !== j) near[i]?.add(j);
			}
			near[i]?.delete(at);
			right[i] = (right[i] ?? 0) - share * (right[at] ?? 0);
			waiting.push(i);
		}
	}
	return taken;
}

/**
 * Solves `A x = b`: unknowns that hang on few others, as lamps do on a network, are taken out one by one, what is left goes by LU decomposition
 * with row pivoting.
 * The unknowns are scaled by the diagonal first, so that a node that hangs on a leak and one on a thick wire count alike. The inputs are not changed.
 * @returns the problem when the matrix is singular, or so badly conditioned that the answer would mean nothing
 */
export function linearSolution(
	matrix: readonly (readonly number[])[],
	right: readonly number[]
): Result<number[], LinearProblem> {
	const scale = matrix.map((row, i) => 1 / Math.sqrt(Math.abs(row[i] ?? 0) || 1));
	const rows = matrix.map((row, i) =>
		row.map((value, j) => (value === 0 ? 0 : value * (scale[i] ?? 1) * (scale[j] ?? 1)))
	);
	const sums = right.map((value, i) => value * (scale[i] ?? 1));
	const taken = takeOutLeaves(rows, sums);
	const out = new Set(taken.map(({ at }) => at));
	const left = rows.flatMap((_, i) => (out.has(i) ? [] : i));
	const core = coreSolution(rows, sums, left);
	if (!core.ok) return core;
	const pivots = [...core.value.pivots, ...taken.map(({ pivot }) => Math.abs(pivot))];
	if (Math.min(...pivots) < LEAST_PIVOT_SHARE * Math.max(...pivots)) return err('badly-conditioned');
	const answer = right.map(() => 0);
	left.forEach((at, i) => (answer[at] = core.value.answer[i] ?? 0));
	for (const { at, pivot, others } of taken.toReversed())
		answer[at] = others.reduce((sum, [j, value]) => sum - value * (answer[j] ?? 0), sums[at] ?? 0) / pivot;
	return ok(answer.map((value, i) => value * (scale[i] ?? 1)));
}

/** What is left when the leaves are out, by LU decomposition. */
function coreSolution(
	rows: readonly (readonly number[])[],
	sums: readonly number[],
	left: readonly number[]
): Result<{ answer: number[]; pivots: number[] }, LinearProblem> {
	if (left.length === 0) return ok({ answer: [], pivots: [] });
	const lu = new LuDecomposition(new Matrix(left.map((i) => left.map((j) => rows[i]?.[j] ?? 0))));
	if (lu.isSingular()) return err('singular');
	const pivots = lu.upperTriangularMatrix.diagonal().map(Math.abs);
	return ok({ answer: lu.solve(Matrix.columnVector(left.map((i) => sums[i] ?? 0))).getColumn(0), pivots });
}
