import { MessageChannel } from 'node:worker_threads';
import type { Piscina } from 'piscina';
import type { Solution, SolveProgress, Solver } from '../../core/solver';
import { Stopped } from '../solver/highs';
import type { SolveTask } from './solve.worker';
import { startPool } from './start-pool';

const MAX_THREADS = 2;

let pool: Promise<Piscina> | undefined;

async function start(): Promise<Piscina> {
	return startPool(await import('./solve.worker'), MAX_THREADS);
}

/** Starts the worker threads, so that the first kit does not wait for them. */
export async function warmPool(): Promise<void> {
	await poolSolver({
		variables: [{ name: 'x', cost: 1, kind: 'binary' }],
		constraints: [{ name: 'c', terms: [[1, 'x']], sense: '>=', bound: 1 }]
	});
}

/** The solver in a pool of worker threads, so that a kit being solved never keeps the counter waiting. A stop ends the thread. */
export const poolSolver: Solver = async (program, watch) => {
	pool ??= start();
	const threads = await pool;
	if (!watch) return (await threads.run({ program } satisfies SolveTask)) as Solution;
	if (watch.signal?.aborted) throw new Stopped();
	const { port1, port2 } = new MessageChannel();
	const ender = new AbortController();
	const stop = () => ender.abort();
	watch.signal?.addEventListener('abort', stop);
	port1.on('message', (progress: SolveProgress) => watch.onProgress?.(progress));
	port1.unref();
	try {
		const task: SolveTask = { program, port: port2 };
		return (await threads.run(task, { transferList: [port2], signal: ender.signal })) as Solution;
	} catch (error) {
		throw ender.signal.aborted ? new Stopped() : error;
	} finally {
		watch.signal?.removeEventListener('abort', stop);
		port1.close();
	}
};

/** Ends the worker threads. */
export async function stopPool(): Promise<void> {
	const running = await pool;
	pool = undefined;
	await running?.destroy();
}
