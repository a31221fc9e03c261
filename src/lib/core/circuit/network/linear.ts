/**
 * Solves `A x = b` by Gaussian elimination with the largest pivot of each column. The inputs are not changed.
 * A column without a pivot leaves its unknown at 0.
 */
export function linearSolution(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
	const size = right.length;
	const rows = matrix.map((row, i) => [...row, right[i] ?? 0]);
	for (let column = 0; column < size; column++) {
		let pivot = column;
		for (let row = column + 1; row < size; row++)
			if (Math.abs(rows[row]?.[column] ?? 0) > Math.abs(rows[pivot]?.[column] ?? 0)) pivot = row;
		const top = rows[pivot] as number[];
		rows[pivot] = rows[column] as number[];
		rows[column] = top;
		const head = top[column] ?? 0;
		if (head === 0) continue;
		for (let row = column + 1; row < size; row++) {
			const below = rows[row] as number[];
			const share = (below[column] ?? 0) / head;
			if (share === 0) continue;
			for (let k = column; k <= size; k++) below[k] = (below[k] ?? 0) - share * (top[k] ?? 0);
		}
	}
	const solution = Array<number>(size).fill(0);
	for (let row = size - 1; row >= 0; row--) {
		const own = rows[row] as number[];
		let sum = own[size] ?? 0;
		for (let k = row + 1; k < size; k++) sum -= (own[k] ?? 0) * (solution[k] ?? 0);
		const head = own[row] ?? 0;
		solution[row] = head === 0 ? 0 : sum / head;
	}
	return solution;
}
