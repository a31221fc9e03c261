import { availableParallelism } from 'node:os';
import { MessageChannel, receiveMessageOnPort } from 'node:worker_threads';
import type { Piscina } from 'piscina';
import type { PricingWatch } from '../../core/kit';
import { branchHere } from '../request-here';
import type { HeavyAnswer, HeavyAsked, HeavyName } from '../services/heavy';
import type { KitWork } from '../services/kits/work';
import { Stopped } from '../solver/highs';
import type { HeavyTask, HeavyWord } from './heavy.worker';
import { startPool } from './start-pool';

/** Threads for heavy work: one core is left to the answers. More would each remember the same catalogue. */
const MAX_THREADS = Math.min(2, Math.max(1, availableParallelism() - 1));

/** Memory of one thread, MB: its catalogue takes some hundreds. */
const HEAP_MB = 1536;

let pool: Promise<Piscina> | undefined;

async function start(): Promise<Piscina> {
	return startPool(await import('./heavy.worker'), { maxThreads: MAX_THREADS, heapMb: HEAP_MB });
}

/** Starts the threads, so that the first one who asks does not wait for them. */
export async function warmHeavy(folder: string): Promise<void> {
	await inThread(folder, { what: 'sockets', asked: [''] });
}

/**
 * Does a piece of heavy work on the data of a folder, as they are seen from a branch, in a thread, so that reading never waits for it. A stop ends the thread.
 * @throws Stopped when the watch says so; whatever the work throws
 */
export async function inThread<N extends HeavyName>(
	folder: string,
	{
		what,
		asked,
		watch,
		branch = branchHere()
	}: { what: N; asked: HeavyAsked<N>; watch?: PricingWatch | undefined; branch?: string | null }
): Promise<HeavyAnswer<N>> {
	pool ??= start();
	const threads = await pool;
	if (!watch) return (await threads.run({ what, folder, branch, asked } satisfies HeavyTask)) as HeavyAnswer<N>;
	if (watch.signal?.aborted) throw new Stopped();
	const { port1, port2 } = new MessageChannel();
	const ender = new AbortController();
	const stop = () => ender.abort();
	watch.signal?.addEventListener('abort', stop);
	const hear = (word: HeavyWord) => {
		if ('progress' in word) watch.onProgress?.(word.progress);
		else watch.onPriced?.(word.priced.done, word.priced.of);
	};
	port1.on('message', hear);
	port1.unref();
	try {
		const task: HeavyTask = { what, folder, branch, asked, port: port2 };
		const answer = (await threads.run(task, { transferList: [port2], signal: ender.signal })) as HeavyAnswer<N>;
		// The answer may come before the last words.
		for (let left = receiveMessageOnPort(port1); left; left = receiveMessageOnPort(port1))
			hear(left.message as HeavyWord);
		return answer;
	} catch (error) {
		throw ender.signal.aborted ? new Stopped() : error;
	} finally {
		watch.signal?.removeEventListener('abort', stop);
		port1.close();
	}
}

/** The work on kits of a branch, done in threads. */
export function kitWorkInThreads(folder: string, branch: string | null): KitWork {
	return {
		proposal: (asked, watch) => inThread(folder, { what: 'proposal', branch, asked: [asked], watch }),
		lineChange: (...asked) => inThread(folder, { what: 'lineChange', branch, asked }),
		demandPrices: (kit, watch) => inThread(folder, { what: 'demandPrices', branch, asked: [kit], watch }),
		offerPrices: (asked) => inThread(folder, { what: 'offerPrices', branch, asked: [asked] })
	};
}

/** Ends the threads. */
export async function stopHeavy(): Promise<void> {
	const running = await pool;
	pool = undefined;
	await running?.destroy();
}
