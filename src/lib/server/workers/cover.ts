import { MessageChannel, type MessagePort } from 'node:worker_threads';
import type { Piscina } from 'piscina';
import { log } from '../log';
import type { AskedOfCover, CoverAnswer, CoverQuestion } from '../services/cover/asked';
import type { CoverProgress } from '../services/cover/kept-cover';
import type { CoverTask } from './cover.worker';
import { startPool } from './start-pool';

/** Memory the thread may take, MB: the whole fleet against the whole catalogue is in it. */
const HEAP_MB = 1024;
/** Questions that may wait for one another in the thread, beside a run. */
const AT_ONCE = 8;

/** A run under way. */
interface Running {
	progress: CoverProgress;
	/** When it began, ms. */
	since: number;
	port: MessagePort;
	done: Promise<void>;
}

let pool: Promise<Piscina> | undefined;
const running = new Map<string, Running>();

function threads(): Promise<Piscina> {
	pool ??= import('./cover.worker').then((worker) =>
		startPool(worker, { maxThreads: 1, heapMb: HEAP_MB, tasksAtOnce: AT_ONCE })
	);
	return pool;
}

/** Where a run stands. */
export interface CoverRunState {
	progress: CoverProgress;
	/** Seconds that are left of this phase by how it went so far; null while nobody can tell. */
	secondsLeft: number | null;
}

/** Where the run of a folder stands; null when none is under way. */
export function coverRun(folder: string): CoverRunState | null {
	const own = running.get(folder);
	if (!own) return null;
	const { done, of } = own.progress;
	const passed = (Date.now() - own.since) / 1000;
	return { progress: own.progress, secondsLeft: done > 0 ? Math.ceil((passed * (of - done)) / done) : null };
}

/** Works the cover of a folder out, if nobody is at it already. The promise is kept when it is done, stopped or failed. */
export function startCoverRun(folder: string): Promise<void> {
	const known = running.get(folder);
	if (known) return known.done;
	const { port1, port2 } = new MessageChannel();
	const own: Running = {
		progress: { phase: 'products', done: 0, of: 0 },
		since: Date.now(),
		port: port1,
		done: Promise.resolve()
	};
	port1.on('message', (progress: CoverProgress) => {
		if (progress.phase !== own.progress.phase) own.since = Date.now();
		own.progress = progress;
	});
	port1.unref();
	running.set(folder, own);
	own.done = (async () => {
		try {
			const task: CoverTask = { kind: 'run', folder, port: port2 };
			await (await threads()).run(task, { transferList: [port2] });
		} catch (error) {
			if (!stopping) log.error({ err: error }, 'the cover could not be worked out');
		} finally {
			running.delete(folder);
			port1.close();
		}
	})();
	return own.done;
}

/** Stops the run of a folder; what was worked out stays. */
export function cancelCoverRun(folder: string): void {
	running.get(folder)?.port.postMessage('stop');
}

/** Answers a question from the cover of a folder, as it stood after the last run. */
export async function askCover<N extends CoverQuestion>(
	folder: string,
	question: N,
	...asked: AskedOfCover<N>
): Promise<CoverAnswer<N>> {
	const task: CoverTask = { kind: 'ask', folder, question, asked };
	return (await (await threads()).run(task)) as CoverAnswer<N>;
}

let stopping = false;

/** Ends the thread. A run is taken up where it was when the server starts again. */
export async function stopCover(): Promise<void> {
	stopping = true;
	const there = await pool;
	pool = undefined;
	await there?.destroy();
	stopping = false;
}
