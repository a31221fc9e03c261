import { log } from './log';

/**
 * Does something from time to time. What fails is noted, and done the next time: nobody waits for it, and it ends nothing.
 * @returns stops it
 */
export function nowAndThen(what: string, everyMs: number, work: () => Promise<unknown>): () => void {
	const timer = setInterval(
		() => void work().catch((error: unknown) => log.warn({ err: error }, `${what}: not done this time`)),
		everyMs
	).unref();
	return () => clearInterval(timer);
}
