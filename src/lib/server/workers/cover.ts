import { MessageChannel, type MessagePort } from 'node:worker_threads';
import { setTimeout as pause } from 'node:timers/promises';
import type { Knex } from 'knex';
import type { Piscina } from 'piscina';
import { branchHere } from '../request-here';
import type { Jobs } from '../jobs';
import { log } from '../log';
import { coverState } from '../repositories/cover';
import type { AskedOfCover, CoverAnswer, CoverQuestion } from '../services/cover/asked';
import type { CoverProgress } from '../services/cover/kept-cover';
import type { CoverTask } from './cover.worker';
import { startPool } from './start-pool';

/** Memory the thread may take, MB: the whole fleet against the whole catalogue is in it. */
const HEAP_MB = 1024;
/** Questions that may wait for one another in the thread, beside a run. */
const AT_ONCE = 8;
/** There is one run at a time. */
const RUN = 'run';
/** A process that has said nothing for so long is not at it any more, ms. */
const SILENT_MS = 15_000;
/** How often somebody who waits for a run looks whether it is done, and how long they wait, ms. */
const LOOK_MS = 300;
const PATIENCE_MS = 120_000;

/** Where a run stands. */
export interface CoverRunState {
	progress: CoverProgress;
	/** Seconds that are left of this phase by how it went so far; null while nobody can tell. */
	secondsLeft: number | null;
}

/** What a process that is at it says to all. */
type CoverWord = { progress: CoverProgress } | { ended: true };

/** The cover of a shop: worked out in a thread of whichever process takes the run, and asked in a thread of this one. */
export class CoverRuns {
	private pool: Promise<Piscina> | undefined;
	private port: MessagePort | undefined;
	/** What was heard last of a run, when, and when its phase began, ms. */
	private heard: { progress: CoverProgress; at: number; since: number } | null = null;
	private stopped = false;

	constructor(
		private readonly folder: () => string,
		private readonly database: () => Promise<Knex>,
		private readonly jobs: () => Promise<Jobs>
	) {}

	/** Takes runs from the line, and has one that was cut off taken up. */
	async start(): Promise<void> {
		const jobs = await this.jobs();
		jobs.hear<CoverWord>('cover', (word) => this.hear(word));
		jobs.hear('stop-cover', () => this.port?.postMessage('stop'));
		await jobs.work('cover', () => this.run());
		if ((await coverState(await this.database()))?.startedAt) await jobs.send('cover', RUN);
	}

	/** Where the run stands; null when none is under way. */
	state(): CoverRunState | null {
		if (!this.heard || Date.now() - this.heard.at > SILENT_MS) return null;
		const { progress, since } = this.heard;
		const passed = (Date.now() - since) / 1000;
		const { done, of } = progress;
		return { progress, secondsLeft: done > 0 ? Math.ceil((passed * (of - done)) / done) : null };
	}

	/** True while this process is at it. */
	get isHere(): boolean {
		return this.port !== undefined;
	}

	/** Has the cover worked out, if nobody is at it already. The promise is kept when it is done or stopped. */
	async begin(): Promise<void> {
		const jobs = await this.jobs();
		const db = await this.database();
		const before = (await coverState(db))?.finishedAt ?? null;
		let ended = false;
		let wake: () => void = () => undefined;
		const deaf = jobs.hear<CoverWord>('cover', (word) => {
			ended ||= 'ended' in word;
			if (ended) wake();
		});
		this.hear({ progress: { phase: 'products', done: 0, of: 0 } });
		await jobs.send('cover', RUN);
		// Who did not hear of its end sees it.
		for (let waited = 0; !ended && !this.stopped && waited < PATIENCE_MS; waited += LOOK_MS) {
			await Promise.race([pause(LOOK_MS), new Promise<void>((resolve) => (wake = resolve))]);
			ended ||= ((await coverState(db))?.finishedAt ?? null) !== before;
		}
		deaf();
	}

	/** Stops the run, wherever it is; what was worked out stays. */
	async cancel(): Promise<void> {
		(await this.jobs()).say('stop-cover', {});
	}

	/** Answers a question from the cover, as it stood after the last run, with the shelves of the branch where it is asked. */
	async ask<N extends CoverQuestion>(question: N, ...asked: AskedOfCover<N>): Promise<CoverAnswer<N>> {
		const task: CoverTask = { kind: 'ask', folder: this.folder(), branch: branchHere(), question, asked };
		return (await (await this.threads()).run(task)) as CoverAnswer<N>;
	}

	/** Ends the thread. A run is taken up where it was, here or elsewhere. */
	async stop(): Promise<void> {
		this.stopped = true;
		const there = await this.pool;
		this.pool = undefined;
		await there?.destroy();
	}

	private threads(): Promise<Piscina> {
		this.pool ??= import('./cover.worker').then((worker) =>
			startPool(worker, { maxThreads: 1, heapMb: HEAP_MB, tasksAtOnce: AT_ONCE })
		);
		return this.pool;
	}

	private hear(word: CoverWord): void {
		if ('ended' in word) {
			this.heard = null;
			return;
		}
		const now = Date.now();
		const isSamePhase = this.heard?.progress.phase === word.progress.phase;
		this.heard = { progress: word.progress, at: now, since: isSamePhase ? (this.heard?.since ?? now) : now };
	}

	private async run(): Promise<void> {
		const jobs = await this.jobs();
		const { port1, port2 } = new MessageChannel();
		this.port = port1;
		port1.on('message', (progress: CoverProgress) => jobs.say('cover', { progress } satisfies CoverWord));
		port1.unref();
		try {
			const task: CoverTask = { kind: 'run', folder: this.folder(), port: port2 };
			await (await this.threads()).run(task, { transferList: [port2] });
		} catch (error) {
			if (this.stopped) throw error;
			log.error({ err: error }, 'the cover could not be worked out');
		} finally {
			this.port = undefined;
			port1.close();
			jobs.say('cover', { ended: true } satisfies CoverWord);
		}
	}
}
