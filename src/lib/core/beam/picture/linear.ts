import { LuDecomposition, Matrix } from 'ml-matrix';

/** Solves a square system; null when it is singular. @param rows one equation a row, its right side last */
export function solveLinear(rows: readonly (readonly number[])[]): number[] | null {
	const n = rows.length;
	const lu = new LuDecomposition(new Matrix(rows.map((row) => row.slice(0, n))));
	return lu.isSingular() ? null : lu.solve(Matrix.columnVector(rows.map((row) => row[n] ?? 0))).to1DArray();
}
