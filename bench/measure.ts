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

/** Slope of time over size on a log-log scale, by least squares: 1 is linear. */
export function slopeOf(times: readonly { size: number; time: number }[]): number {
	const points = times.map(({ size, time }) => [Math.log(size), Math.log(time)] as const);
	const mean = (of: (p: readonly [number, number]) => number) =>
		points.reduce((sum, p) => sum + of(p), 0) / points.length;
	const [mx, my] = [mean((p) => p[0]), mean((p) => p[1])];
	return (
		points.reduce((sum, [x, y]) => sum + (x - mx) * (y - my), 0) / points.reduce((sum, [x]) => sum + (x - mx) ** 2, 0)
	);
}
