import { getContext, setContext } from 'svelte';
import type { Evidence } from '../core/model';

/** A change to a record as the server takes it. */
export type Command = { kind: string } & Record<string, unknown>;

/** Two versions of the same part of a record: somebody else's, and the one that was not written. */
export interface Clash {
	message: string;
	/** Each in words, one line a thing. */
	theirs: string[];
	mine: string[];
	/** What was not written. */
	command: Command;
	since: { id: number; at: string; by: string | null; what: string }[];
}

/** What came back for a command: whether it was made. */
export type Outcome = { ok: true; what: string } | { ok: false; message: string };

interface Answer {
	what?: string;
	revision?: number;
	/** The shared unit the change went to. */
	unit?: string | null;
	refusal?: { kind: string; message: string; theirs?: string[]; mine?: string[]; since?: Clash['since'] };
}

/** What the desk needs from outside. */
export interface DeskWorld {
	/** Address that takes changes of the record at hand. */
	address: () => string;
	/** Number of the last event the person has seen. */
	revision: () => number;
	/** Who may change the record, where whoever sits here may not. */
	closed: () => string | null;
	fetch: typeof fetch;
	/** Reads the page's data again. */
	refresh: () => Promise<void>;
}

/** The desk where a vehicle's record is changed: sends one change after another, and keeps what could not be written. */
export class RecordDesk {
	#world: DeskWorld;
	#queue: Promise<unknown> = Promise.resolve();
	#said = $state<string | null>(null);
	#trouble = $state<string | null>(null);
	#clash = $state<Clash | null>(null);
	#unit = $state<string | null>(null);
	#source = $state<Evidence['source']>('in-hand');
	/** A revision newer than the page's data, after a change and before the data have followed. */
	#ahead = 0;

	constructor(world: DeskWorld) {
		this.#world = world;
	}

	/** The last change made, in one sentence. */
	get done(): string | null {
		return this.#said;
	}
	/** Why the last one was not made. */
	get trouble(): string | null {
		return this.#trouble;
	}
	/** The shared unit that the last change went to; it has a history of its own. */
	get unit(): string | null {
		return this.#unit;
	}
	/** Who may change the record; null for whoever may do so here. */
	get closed(): string | null {
		return this.#world.closed();
	}
	get clash(): Clash | null {
		return this.#clash;
	}
	/** Where the facts come from that are being entered. */
	get source(): Evidence['source'] {
		return this.#source;
	}
	set source(source: Evidence['source']) {
		this.#source = source;
	}

	async #post(body: object): Promise<Answer> {
		try {
			const response = await this.#world.fetch(this.#world.address(), {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(body)
			});
			return (await response.json()) as Answer;
		} catch {
			return { refusal: { kind: 'problem', message: 'The server did not answer. Nothing was changed; try again.' } };
		}
	}

	#next<T>(work: () => Promise<T>): Promise<T> {
		const turn = this.#queue.then(work);
		this.#queue = turn.catch(() => undefined);
		return turn;
	}

	async #settle(answer: Answer, command: Command | null): Promise<Outcome> {
		const { refusal } = answer;
		this.#said = refusal ? null : (answer.what ?? '');
		this.#unit = answer.unit ?? null;
		this.#trouble = refusal && refusal.kind !== 'conflict' ? refusal.message : null;
		this.#clash =
			refusal?.kind === 'conflict' && command
				? {
						message: refusal.message,
						theirs: refusal.theirs ?? [],
						mine: refusal.mine ?? [],
						command,
						since: refusal.since ?? []
					}
				: null;
		this.#ahead = Math.max(this.#ahead, answer.revision ?? 0);
		if (!refusal) await this.#world.refresh();
		return refusal ? { ok: false, message: refusal.message } : { ok: true, what: answer.what ?? '' };
	}

	/** The event the person has seen last, or made. */
	#base(): number {
		return Math.max(this.#world.revision(), this.#ahead);
	}

	/** Makes a change after those already on their way. */
	send(command: Command): Promise<Outcome> {
		return this.#next(async () => {
			return this.#settle(await this.#post({ base: this.#base(), command }), command);
		});
	}

	/** Takes the last change of the record, or of a shared unit, back, or brings it again. */
	step(step: 'undo' | 'redo', unit?: string): Promise<Outcome> {
		return this.#next(async () =>
			this.#settle(await this.#post({ step, unit, ...(unit ? {} : { base: this.#base() }) }), null)
		);
	}

	/** After a clash: leaves the other version as it is. */
	async keepTheirs(): Promise<void> {
		this.#clash = null;
		await this.#world.refresh();
	}

	/** After a clash: writes the own version over the other one, knowing it. */
	async writeMine(): Promise<void> {
		const mine = this.#clash?.command;
		this.#clash = null;
		await this.#world.refresh();
		if (mine) await this.send(mine);
	}

	/** Puts away what was said. */
	clear(): void {
		this.#said = null;
		this.#trouble = null;
	}
}

const KEY = Symbol('record desk');

/** Sets the desk of the vehicle at hand. */
export function setDesk(desk: RecordDesk): RecordDesk {
	return setContext(KEY, desk);
}

/** The desk of the vehicle at hand. @throws Error outside a vehicle's pages */
export function getDesk(): RecordDesk {
	const desk = getContext<RecordDesk | undefined>(KEY);
	if (!desk) throw new Error('There is no record desk here: use it inside the pages of a vehicle.');
	return desk;
}
