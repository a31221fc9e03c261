import type { SolveProgress, SolveWatch } from '../../core/kit';

/** Where the work on a kit stands, for whoever asks. */
export interface SolveStanding extends SolveProgress {
	/** Demands priced so far, and of how many; absent while a kit is solved. */
	priced?: { done: number; of: number };
}

const running = new Map<string, { standing: SolveStanding; stop: AbortController }>();

/** Does work on a kit that others may look at and stop. */
export async function watchedSolve<T>(
	id: string,
	work: (watch: SolveWatch & { onPriced: (done: number, of: number) => void }) => Promise<T>
): Promise<T> {
	const own = { standing: { best: null, bound: null } as SolveStanding, stop: new AbortController() };
	running.set(id, own);
	try {
		return await work({
			signal: own.stop.signal,
			onProgress: (progress) => (own.standing = { ...own.standing, ...progress }),
			onPriced: (done, of) => (own.standing = { ...own.standing, priced: { done, of } })
		});
	} finally {
		if (running.get(id) === own) running.delete(id);
	}
}

/** Where the work on a kit stands; null when nothing is under way. */
export function standingOf(id: string): SolveStanding | null {
	return running.get(id)?.standing ?? null;
}

/** Stops the work on a kit; what was there before stays. */
export function stopSolve(id: string): boolean {
	const own = running.get(id);
	own?.stop.abort();
	return own !== undefined;
}
