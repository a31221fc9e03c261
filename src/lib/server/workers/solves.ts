import type { SolveProgress, SolveWatch } from '../../core/solver';

/** Where the work on a kit stands, for whoever asks. */
export interface SolveState extends SolveProgress {
	/** Demands priced so far, and of how many; absent while a kit is solved. */
	priced?: { done: number; of: number };
}

const running = new Map<string, { state: SolveState; stop: AbortController }>();

/** Does work on a kit that others may look at and stop. */
export async function watchedSolve<T>(
	id: string,
	work: (watch: SolveWatch & { onPriced: (done: number, of: number) => void }) => Promise<T>
): Promise<T> {
	const own = { state: { best: null, bound: null } as SolveState, stop: new AbortController() };
	running.set(id, own);
	try {
		return await work({
			signal: own.stop.signal,
			onProgress: (progress) => (own.state = { ...own.state, ...progress }),
			onPriced: (done, of) => (own.state = { ...own.state, priced: { done, of } })
		});
	} finally {
		if (running.get(id) === own) running.delete(id);
	}
}

/** Where the work on a kit stands; null when nothing is under way. */
export function solveState(id: string): SolveState | null {
	return running.get(id)?.state ?? null;
}

/** Stops the work on a kit; what was there before stays. */
export function stopSolve(id: string): boolean {
	const own = running.get(id);
	own?.stop.abort();
	return own !== undefined;
}

/** How many kits are being worked out. */
export const solvesUnderWay = (): number => running.size;
