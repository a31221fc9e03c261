import { Piscina } from 'piscina';
import type { Solution, Solver } from '../../core/kit';

const MOST_THREADS = 2;

let pool: Promise<Piscina> | undefined;

async function start(): Promise<Piscina> {
	const worker = await import('./solve.worker');
	// Reading the default export keeps the bundler from dropping it.
	if (typeof worker.default !== 'function') throw new Error('The solve worker has no function.');
	const { url } = worker;
	const options = { minThreads: 1, maxThreads: MOST_THREADS, idleTimeout: 60_000 };
	return url.endsWith('.ts')
		? new Piscina({ ...options, filename: new URL('./boot.dev.mjs', url).href, workerData: { target: url } })
		: new Piscina({ ...options, filename: url });
}

/** Starts the worker threads, so that the first kit does not wait for them. */
export async function warmPool(): Promise<void> {
	await poolSolver({
		variables: [{ name: 'x', cost: 1, kind: 'binary' }],
		constraints: [{ name: 'c', terms: [[1, 'x']], sense: '>=', bound: 1 }]
	});
}

/** The solver in a pool of worker threads, so that a kit being solved never keeps the counter waiting. */
export const poolSolver: Solver = async (program) => {
	pool ??= start();
	return (await pool).run(program) as Promise<Solution>;
};

/** Ends the worker threads. */
export async function stopPool(): Promise<void> {
	const running = await pool;
	pool = undefined;
	await running?.destroy();
}
