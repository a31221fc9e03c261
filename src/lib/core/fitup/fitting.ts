/** What may be marked at a step. */
export const MARK_KINDS = ['go-on', 'pause', 'done', 'undo', 'note', 'different', 'photo', 'finish'] as const;
export type MarkKind = (typeof MARK_KINDS)[number];

/** Something that was marked at a step of a fitting. */
export interface FittingMark {
	/** Made where the mark was made: what is sent twice counts once. */
	uid: string;
	step: string;
	kind: MarkKind;
	/** When, ISO. */
	at: string;
	by: string | null;
	/** Words of a note, of what was different, or of what came of it; hash of a picture. */
	text?: string;
	picture?: string;
	/** False where what was found could not be taken into the record: why, stands in `text`. */
	taken?: boolean;
}

/** How one step stands. */
export interface StepState {
	done: { at: string; by: string | null } | null;
	/** Minutes it took; null where nobody was at it all the time. */
	minutes: number | null;
	/** Notes, differences and pictures, in the order they came. */
	said: FittingMark[];
}

/** How a fitting stands. */
export interface FittingState {
	steps: ReadonlyMap<string, StepState>;
	/** The first step that is not done; null when all are. */
	next: string | null;
	/** How many are done. */
	done: number;
	isRunning: boolean;
	isFinished: boolean;
}

/** Longer than this at one step without a word is a pause nobody marked, min. */
const LONGEST_AT_A_STEP = 120;

const minutesBetween = (from: string, to: string) => (Date.parse(to) - Date.parse(from)) / 60_000;

/**
 * How a fitting stands after its marks, in the order they were made. A step takes from the mark before it to its own, as long as nobody paused;
 * one that was ticked without time to do it, together with others, says nothing of its minutes.
 */
export function fittingState(steps: readonly string[], marks: readonly FittingMark[]): FittingState {
	const seen = new Set<string>();
	const states = new Map(steps.map((id): [string, StepState] => [id, { done: null, minutes: null, said: [] }]));
	let since: string | null = null;
	let isFinished = false;
	const inOrder = [...marks].sort((a, b) => a.at.localeCompare(b.at));
	for (const mark of inOrder) {
		if (seen.has(mark.uid)) continue;
		seen.add(mark.uid);
		const state = states.get(mark.step);
		switch (mark.kind) {
			case 'go-on':
				since = mark.at;
				break;
			case 'pause':
				since = null;
				break;
			case 'done': {
				const took = since === null ? null : minutesBetween(since, mark.at);
				if (state) {
					state.done = { at: mark.at, by: mark.by };
					state.minutes = took !== null && took >= 0 && took <= LONGEST_AT_A_STEP ? Math.round(took * 10) / 10 : null;
				}
				since = mark.at;
				break;
			}
			case 'undo':
				if (state) Object.assign(state, { done: null, minutes: null });
				break;
			case 'note':
			case 'different':
			case 'photo':
				state?.said.push(mark);
				break;
			case 'finish':
				isFinished = true;
				since = null;
				break;
			default:
				mark.kind satisfies never;
		}
	}
	const done = [...states.values()].filter((state) => state.done !== null).length;
	return {
		steps: states,
		next: steps.find((id) => states.get(id)?.done === null) ?? null,
		done,
		isRunning: since !== null && !isFinished,
		isFinished
	};
}

/** Minutes that a fitting took for an operation, as its record keeps them. */
export interface TakenTime {
	operation: string;
	minutesOff: number | null;
	minutesOn: number | null;
}

/** Below this nobody has timed anything: the step was ticked together with others, min. */
const SHORTEST = 0.2;

/** Times a fitting took for operations: off at its step, on at the step that puts it back; what was not timed is left out. */
export function takenTimes(operations: readonly string[], { steps }: FittingState): TakenTime[] {
	const timed = (id: string) => {
		const minutes = steps.get(id)?.minutes ?? null;
		return minutes === null || minutes < SHORTEST ? null : minutes;
	};
	return operations.flatMap((operation): TakenTime[] => {
		const [off, on] = [timed(`do ${operation}`), timed(`back ${operation}`)];
		return off === null && on === null ? [] : [{ operation, minutesOff: off, minutesOn: on }];
	});
}
