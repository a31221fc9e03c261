import { log } from '../log';
import { workBulkKits } from '../services/bulk-kits';
import type { KitContext } from '../services/kits';

/** How often somebody looks whether the time of a kit in line has come, ms. */
const LOOK_MS = 5 * 60 * 1000;

let running: Promise<void> | undefined;
let timer: NodeJS.Timeout | undefined;
let stopped = false;

/** Works out what is in line, if nobody is at it. One kit at a time: people who wait for theirs go between. */
export function startBulkKits(context: () => Promise<KitContext>): void {
	running ??= (async () => {
		try {
			await workBulkKits(await context(), () => stopped);
		} catch (error) {
			if (!stopped) log.error({ err: error }, 'kits in line could not be worked out');
		} finally {
			running = undefined;
		}
	})();
}

/** True while a kit in line is being worked out. */
export const bulkKitsUnderWay = (): boolean => running !== undefined;

/** Looks by itself for kits whose time has come. */
export function watchBulkKits(context: () => Promise<KitContext>): void {
	stopped = false;
	timer ??= setInterval(() => startBulkKits(context), LOOK_MS).unref();
	startBulkKits(context);
}

/** Stops before the next kit. */
export function stopBulkKits(): void {
	stopped = true;
	clearInterval(timer);
	timer = undefined;
}
