import { LuDecomposition, Matrix } from 'ml-matrix';
import { err, ok, type Result } from '../../result';

/** Why a system of equations has no answer that can be trusted. */
export type LinearProblem = 'singular' | 'badly-conditioned';

/** A pivot this much smaller than the largest one leaves no digit of the answer. */
const LEAST_PIVOT_SHARE = 1e-14;

/**
 * Solves `A x = b` by LU decomposition with row pivoting, the unknowns scaled by the diagonal first, so that a node that hangs on a leak
 * and one on a thick wire count alike. The inputs are not changed.
 * @returns the problem when the matrix is singular, or so badly conditioned that the answer would mean nothing
 */
export function linearSolution(
	matrix: readonly (readonly number[])[],
	right: readonly number[]
): Result<number[], LinearProblem> {
	const size = right.length;
	const scale = matrix.map((row, i) => 1 / Math.sqrt(Math.abs(row[i] ?? 0) || 1));
	const scaled = Matrix.zeros(size, size);
	matrix.forEach((row, i) => row.forEach((value, j) => scaled.set(i, j, value * (scale[i] ?? 1) * (scale[j] ?? 1))));
	const lu = new LuDecomposition(scaled);
	if (lu.isSingular()) return err('singular');
	const pivots = lu.upperTriangularMatrix.diagonal().map(Math.abs);
	if (Math.min(...pivots) < LEAST_PIVOT_SHARE * Math.max(...pivots)) return err('badly-conditioned');
	const answer = lu.solve(Matrix.columnVector(right.map((value, i) => value * (scale[i] ?? 1))));
	return ok(answer.getColumn(0).map((value, i) => value * (scale[i] ?? 1)));
}
