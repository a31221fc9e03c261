import type { SavedCopy } from '../db/copy';
import { startPool } from './start-pool';

let running: Promise<SavedCopy> | undefined;

/** Backs a data folder up in a thread of its own; who asks while one is made gets that one. */
export function saveInThread(folder: string): Promise<SavedCopy> {
	running ??= (async () => {
		const pool = startPool(await import('./backup.worker'), 1);
		try {
			return (await pool.run({ folder })) as SavedCopy;
		} finally {
			running = undefined;
			await pool.destroy();
		}
	})();
	return running;
}
