const RUNS = 15;

/** Median time of a piece of work over some runs, ms. */
export async function median(work: () => unknown, runs = RUNS): Promise<number> {
	const times: number[] = [];
	for (let i = 0; i < runs; i++) {
		const start = performance.now();
		await work();
		times.push(performance.now() - start);
	}
	return times.sort((a, b) => a - b)[Math.floor(runs / 2)] ?? NaN;
}

export const ms = (value: number) => `${value.toFixed(value < 1 ? 3 : 1)} ms`;
