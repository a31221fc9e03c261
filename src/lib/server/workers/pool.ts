import type { Piscina } from 'piscina';
import type { Solution, Solver } from '../../core/kit';
import { startPool } from './start-pool';

const MOST_THREADS = 2;

let pool: Promise<Piscina> | undefined;

async function start(): Promise<Piscina> {
	return startPool(await import('./solve.worker'), MOST_THREADS);
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
