import { Piscina } from 'piscina';

/** A module that a pool can run: where it is, and its function. */
interface WorkerModule {
	url: string;
	default: (task: never) => unknown;
}

const IDLE_MS = 60_000;

/** Starts a pool of threads that run a worker module, from the build or, in development and tests, from its source. */
export function startPool({ url, default: work }: WorkerModule, maxThreads: number): Piscina {
	// Reading the default export keeps the bundler from dropping it.
	if (typeof work !== 'function') throw new Error('The worker module has no function.');
	const options = { minThreads: 1, maxThreads, idleTimeout: IDLE_MS };
	return url.endsWith('.ts')
		? new Piscina({ ...options, filename: new URL('./boot.dev.mjs', url).href, workerData: { target: url } })
		: new Piscina({ ...options, filename: url });
}
