import { fittingState, type FittingMark, type FittingState, type MarkKind } from '../core/fitup';

/** A mark as it is sent: what was found goes as a command for the record, a picture as a data address. */
export type SentMark = Omit<FittingMark, 'by' | 'taken'> & { command?: unknown };

/** What the desk needs from outside. */
export interface FittingWorld {
	/** Address that takes marks. */
	address: string;
	/** Steps of the fitting, in order. */
	steps: readonly string[];
	/** Marks that the server had when the page was read. */
	marks: readonly FittingMark[];
	fetch: typeof fetch;
	/** What keeps marks while there is no connection. */
	kept: { read: () => SentMark[]; write: (marks: readonly SentMark[]) => void };
	now: () => string;
	uid: () => string;
}

/** Marks that go in one request, and letters of one at most: a picture goes alone. */
const MARKS_AT_ONCE = 50;
const LETTERS_AT_ONCE = 800_000;

/** A fitting in the bay: every tick counts at once and is kept on the device until the server has it. */
export class FittingDesk {
	readonly #world: FittingWorld;
	#marks = $state.raw<readonly FittingMark[]>([]);
	#waiting = $state.raw<readonly SentMark[]>([]);
	#trouble = $state<string | null>(null);
	#sending = false;

	constructor(world: FittingWorld) {
		this.#world = world;
		this.#marks = world.marks;
		this.#waiting = world.kept.read();
	}

	/** Marks not yet with the server. */
	get waiting(): number {
		return this.#waiting.length;
	}
	/** Why the server did not take them, when it answered. */
	get trouble(): string | null {
		return this.#trouble;
	}
	/** All marks, those that wait included. */
	get marks(): FittingMark[] {
		const own = this.#waiting.filter(({ uid }) => !this.#marks.some((mark) => mark.uid === uid));
		return [...this.#marks, ...own.map(({ command: _command, ...mark }) => ({ ...mark, by: null }))];
	}
	/** How the fitting stands. */
	get state(): FittingState {
		return fittingState(this.#world.steps, this.marks);
	}

	/** Marks something at a step; it counts at once. */
	mark(kind: MarkKind, step: string, more: Partial<Pick<SentMark, 'text' | 'picture' | 'command'>> = {}): void {
		const { uid, now } = this.#world;
		this.#keep([...this.#waiting, { uid: uid(), step, kind, at: now(), ...more }]);
		void this.send();
	}

	#keep(waiting: readonly SentMark[]): void {
		this.#waiting = waiting;
		this.#world.kept.write(waiting);
	}

	/** The marks that go next: as many as one request may weigh. */
	#next(): SentMark[] {
		const next: SentMark[] = [];
		let letters = 0;
		for (const mark of this.#waiting.slice(0, MARKS_AT_ONCE)) {
			letters += JSON.stringify(mark).length;
			if (next.length > 0 && letters > LETTERS_AT_ONCE) break;
			next.push(mark);
		}
		return next;
	}

	/** Sends what waits; without a connection it goes on waiting. */
	async send(): Promise<void> {
		if (this.#sending) return;
		this.#sending = true;
		try {
			while (this.#waiting.length > 0) {
				const next = this.#next();
				const response = await this.#world.fetch(this.#world.address, {
					method: 'POST',
					headers: { 'content-type': 'application/json' },
					body: JSON.stringify({ marks: next })
				});
				const answer = (await response.json()) as { marks?: FittingMark[]; message?: string };
				if (!response.ok || !answer.marks) {
					this.#trouble = answer.message ?? 'The server did not take what was ticked. It is kept on this device.';
					return;
				}
				this.#trouble = null;
				this.#marks = answer.marks;
				this.#keep(this.#waiting.filter((mark) => !next.includes(mark)));
			}
		} catch {
			// No connection: it is kept, and sent when there is one.
		} finally {
			this.#sending = false;
		}
	}
}
