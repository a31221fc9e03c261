import type { DrawnComparison, OpenedShot } from '$lib/client/beam.worker';
import { checkedQuad, type Quad } from '$lib/core/beam';

export type Which = 'before' | 'after';

/** The worker as the desk uses it. */
export interface BeamWorker {
	open: (name: string, file: Blob, progress: (words: string) => void) => Promise<OpenedShot>;
	compare: (
		asked: { marks: Record<Which, Quad> | null; aspect: number | null; at: number },
		progress: (words: string) => void
	) => Promise<DrawnComparison>;
}

/** A picture on the desk. */
export interface DeskShot extends OpenedShot {
	file: Blob;
	/** Address of the file, to be shown. */
	url: string;
	marks: Quad | null;
}

/** What the desk needs from outside. */
export interface BeamWorld {
	worker: BeamWorker;
	urlOf: (file: Blob) => string;
}

/** Handles before anybody moved them. */
const FIRST_MARKS: Quad = [
	{ x: 0.2, y: 0.2 },
	{ x: 0.8, y: 0.2 },
	{ x: 0.8, y: 0.8 },
	{ x: 0.2, y: 0.8 }
];

/** Two pictures of a beam: opened, marked and compared in a worker. An answer to an older question is left aside. */
export class BeamDesk {
	readonly #world: BeamWorld;
	#shots = $state.raw<Partial<Record<Which, DeskShot>>>({});
	#found = $state.raw<DrawnComparison | null>(null);
	#progress = $state<string | null>(null);
	#trouble = $state<string | null>(null);
	#asked = 0;
	/** Size of the rectangle of the marks on the wall, mm, and the column that the profile is drawn for. */
	wall = $state.raw<{ width: number; height: number } | null>(null);
	#at = $state(0.5);

	constructor(world: BeamWorld) {
		this.#world = world;
	}

	get shots(): Partial<Record<Which, DeskShot>> {
		return this.#shots;
	}
	get found(): DrawnComparison | null {
		return this.#found;
	}
	/** What the worker does just now; null while it rests. */
	get progress(): string | null {
		return this.#progress;
	}
	get trouble(): string | null {
		return this.#trouble;
	}
	get at(): number {
		return this.#at;
	}

	async #work<T>(work: (say: (words: string) => void) => Promise<T>): Promise<T | null> {
		const asked = ++this.#asked;
		this.#trouble = null;
		try {
			const answer = await work((words) => {
				if (asked === this.#asked) this.#progress = words;
			});
			return asked === this.#asked ? answer : null;
		} catch (error) {
			if (asked === this.#asked) this.#trouble = error instanceof Error ? error.message : String(error);
			return null;
		} finally {
			if (asked === this.#asked) this.#progress = null;
		}
	}

	/** Takes a picture in. Targets found on it are its marks. */
	async open(which: Which, file: Blob): Promise<void> {
		const opened = await this.#work((say) => this.#world.worker.open(which, file, say));
		if (!opened) {
			if (this.#trouble) this.#trouble = `The picture ${which} cannot be used: ${this.#trouble}. Take another one.`;
			return;
		}
		this.#shots = {
			...this.#shots,
			[which]: { ...opened, file, url: this.#world.urlOf(file), marks: opened.targets }
		};
		await this.compare();
	}

	/** Marks are set by hand on both pictures, or on none. */
	mark(which: Which, marks: Quad | null): void {
		const shot = this.#shots[which];
		if (shot) this.#shots = { ...this.#shots, [which]: { ...shot, marks } };
	}

	/** Puts handles on both pictures. */
	beginMarks(): void {
		for (const which of ['before', 'after'] as const)
			if (this.#shots[which]?.marks === null) this.mark(which, FIRST_MARKS);
	}
	async dropMarks(): Promise<void> {
		for (const which of ['before', 'after'] as const) this.mark(which, null);
		await this.compare();
	}

	async lookAt(at: number): Promise<void> {
		this.#at = at;
		await this.compare();
	}

	/** Compares as the pictures and their marks stand. */
	async compare(): Promise<void> {
		const { before, after } = this.#shots;
		if (!before || !after) return;
		const pair = before.marks && after.marks ? { before: before.marks, after: after.marks } : null;
		const wrong = pair && [pair.before, pair.after].map(checkedQuad).find((one) => !one.ok);
		if (wrong && !wrong.ok) {
			this.#trouble = `${wrong.error.charAt(0).toUpperCase()}${wrong.error.slice(1)}.`;
			return;
		}
		const aspect = this.wall ? this.wall.width / this.wall.height : null;
		// Values of a proxy cannot be sent to a worker.
		const asked = structuredClone({ marks: pair, aspect, at: this.#at });
		const found = await this.#work((say) => this.#world.worker.compare(asked, say));
		if (found) this.#found = found;
	}
}
