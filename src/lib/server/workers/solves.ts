import type { SolveProgress, SolveWatch } from '../../core/solver';
import type { Bus } from '../jobs';

/** Where the work on a kit stands, for whoever asks. */
export interface SolveState extends SolveProgress {
	/** Demands priced so far, and of how many; absent while a kit is solved. */
	priced?: { done: number; of: number };
}

/** How often another process is told of progress, ms; one that has said nothing for longer than the second is not at it any more. */
const SAY_MS = 250;
const SILENT_MS = 5000;

const running = new Map<string, { state: SolveState; stop: AbortController; said: number }>();
const elsewhere = new Map<string, { state: SolveState; at: number }>();
let bus: Bus | undefined;

/** What is said of the work on a kit; without a state it has ended. */
interface SolveWord {
	id: string;
	state?: SolveState;
}

/** Shares what is under way with the other processes on the same data: whichever is asked can say how far it is, and stop it. */
export function shareSolves(all: Bus): void {
	bus = all;
	bus.hear<SolveWord>('solve', ({ id, state }) => {
		if (state) elsewhere.set(id, { state, at: Date.now() });
		else elsewhere.delete(id);
	});
	bus.hear<{ id: string }>('stop-solve', ({ id }) => running.get(id)?.stop.abort());
}

/** Does work on a kit that others may look at and stop. */
export async function watchedSolve<T>(
	id: string,
	work: (watch: SolveWatch & { onPriced: (done: number, of: number) => void }) => Promise<T>
): Promise<T> {
	const own = { state: { best: null, bound: null } as SolveState, stop: new AbortController(), said: 0 };
	running.set(id, own);
	const note = (more: Partial<SolveState>) => {
		own.state = { ...own.state, ...more };
		if (Date.now() - own.said < SAY_MS) return;
		own.said = Date.now();
		bus?.say('solve', { id, state: own.state } satisfies SolveWord);
	};
	note({});
	try {
		return await work({
			signal: own.stop.signal,
			onProgress: note,
			onPriced: (done, of) => note({ priced: { done, of } })
		});
	} finally {
		if (running.get(id) === own) running.delete(id);
		bus?.say('solve', { id } satisfies SolveWord);
	}
}

const heardOf = (id: string): SolveState | null => {
	const heard = elsewhere.get(id);
	return heard && Date.now() - heard.at < SILENT_MS ? heard.state : null;
};

/** Where the work on a kit stands; null when nothing is under way. */
export const solveState = (id: string): SolveState | null => running.get(id)?.state ?? heardOf(id);

/** Stops the work on a kit, wherever it is done; what was there before stays. False when nobody is at it. */
export function stopSolve(id: string): boolean {
	const own = running.get(id);
	own?.stop.abort();
	if (!own && heardOf(id)) bus?.say('stop-solve', { id });
	return own !== undefined || heardOf(id) !== null;
}

/** How many kits are being worked out here. */
export const solvesUnderWay = (): number => running.size;
