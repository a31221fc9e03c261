import type { SavedCopy } from '../db/saved-copy';
import type { Examined } from '../services/doctor';
import type { KeepingTask } from './backup.worker';
import { startPool } from './start-pool';

/** Memory a look at everything may take, MB. */
const HEAP_MB = 2048;

/** Does one thing in a thread of its own; who asks of the same folder while it is under way gets the same answer. */
function once<T>(what: KeepingTask['what']): (folder: string) => Promise<T> {
	const running = new Map<string, Promise<T>>();
	return (folder) => {
		const there = running.get(folder);
		if (there) return there;
		const work = (async () => {
			const pool = startPool(await import('./backup.worker'), { maxThreads: 1, heapMb: HEAP_MB });
			try {
				return (await pool.run({ folder, what } satisfies KeepingTask)) as T;
			} finally {
				running.delete(folder);
				await pool.destroy();
			}
		})();
		running.set(folder, work);
		return work;
	};
}

/** Backs a data folder up. */
export const saveInThread = once<SavedCopy>('save');

/** Looks a data folder over. */
export const examineInThread = once<Examined>('examine');
