import { Piscina } from 'piscina';

/** A module that a pool can run: where it is, and its function. */
interface WorkerModule {
	url: string;
	default: (task: never) => unknown;
}

/** An idle thread keeps what it remembers for a while. */
const IDLE_MS = 600_000;

/**
 * Starts a pool of threads that run a worker module, from the build or, in development and tests, from its source.
 * @param limits how many threads, how much memory one may take, MB, and how many tasks one takes turns with
 */
export function startPool(
	{ url, default: work }: WorkerModule,
	{ maxThreads, heapMb, tasksAtOnce = 1 }: { maxThreads: number; heapMb: number; tasksAtOnce?: number }
): Piscina {
	// Reading the default export keeps the bundler from dropping it.
	if (typeof work !== 'function') throw new Error('The worker module has no function.');
	const options = {
		minThreads: 1,
		maxThreads,
		concurrentTasksPerWorker: tasksAtOnce,
		idleTimeout: IDLE_MS,
		// A thread that needs more ends, and with it what it was asked; the server goes on.
		resourceLimits: { maxOldGenerationSizeMb: heapMb }
	};
	return url.endsWith('.ts')
		? new Piscina({ ...options, filename: new URL('./boot.dev.mjs', url).href, workerData: { target: url } })
		: new Piscina({ ...options, filename: url });
}
