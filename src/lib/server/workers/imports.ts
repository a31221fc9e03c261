import { randomUUID } from 'node:crypto';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import type { Piscina } from 'piscina';
import { changeAlways } from '../db/change';
import { databaseFailure } from '../db/failure';
import type { Jobs } from '../jobs';
import {
	addImport,
	askImportAgain,
	clearImports,
	findImport,
	finishImport,
	openImports,
	stopImport,
	takeImport,
	type ImportRow
} from '../repositories/imports';
import type { SheetOptions } from '../services/sheets/import';
import type { Actor } from '../services/record/store';
import type { ImportMode, ImportOutcome, ImportTask } from './import.worker';
import { startPool } from './start-pool';

/** Where an import stands. */
export interface ImportProgress {
	phase: 'waiting' | 'reading' | 'checking' | 'writing' | 'done';
	done: number;
	total: number;
}

/** An import under way or done, with what it was asked. */
export interface ImportJob {
	id: string;
	name: string;
	options: SheetOptions;
	progress: ImportProgress;
	outcome: ImportOutcome | null;
}

/** What an import is asked. */
interface Asked {
	mode: ImportMode;
	options: SheetOptions;
	actor: Actor;
}

/** Memory an import may take, MB. */
const HEAP_MB = 1536;
/** How long a thread may take to heed the word to stop, ms. */
const PATIENCE_MS = 1000;
/** Imports that are done are kept so long, ms, and so many of them. */
const KEPT_MS = 24 * 3600 * 1000;
const MOST_KEPT = 20;

/** Imports whose progress is remembered. */
const MOST_HEARD = 100;

const WAITING: ImportProgress = { phase: 'waiting', done: 0, total: 0 };
const ENDED = 'The import ended before it was done. Nothing was written; try again.';
const TOO_LARGE = 'The file needs more memory than one import may take. Nothing was written; split it and try again.';

/** How far an import is, said to all processes. */
interface ProgressWord {
	id: string;
	progress: ImportProgress;
}

/** Imports off the request thread. What they are stands in the database, so that any process can take one, look at one, or stop one. */
export class Imports {
	private pool: Promise<Piscina> | undefined;
	private readonly running = new Map<string, { port: MessagePort; ender: AbortController }>();
	private readonly heard = new LRUCache<string, ImportProgress>({ max: MOST_HEARD });
	/** What came of imports where that could not be noted: the disk is full, say. */
	private readonly unnoted = new LRUCache<string, ImportOutcome>({ max: MOST_HEARD });
	private stopped = false;

	constructor(
		private readonly folder: () => string,
		private readonly database: () => Promise<Knex>,
		private readonly jobs: () => Promise<Jobs>
	) {}

	/** Takes imports from the line, those first that were under way when everything stopped. */
	async start(): Promise<void> {
		const jobs = await this.jobs();
		jobs.hear<ProgressWord>('import', ({ id, progress }) => this.heard.set(id, progress));
		jobs.hear<{ id: string }>('stop-import', ({ id }) => this.end(id));
		await jobs.work('import', (id) => this.take(id));
		for (const id of await openImports(await this.database())) await jobs.send('import', id);
	}

	/** Begins to look at a spreadsheet, or to take a document in; what came of it can be asked for under the id that is given. */
	async begin(upload: { name: string; bytes: Uint8Array }, { mode, options, actor }: Asked): Promise<string> {
		const id = randomUUID();
		const now = Date.now();
		const row = {
			id,
			name: upload.name,
			mode,
			options: JSON.stringify(options),
			actor: JSON.stringify(actor),
			beganAt: new Date(now).toISOString(),
			file: upload.bytes
		};
		await changeAlways(await this.database(), async (tx) => {
			await clearImports(tx, { before: new Date(now - KEPT_MS).toISOString(), most: MOST_KEPT });
			await addImport(tx, row);
		});
		await (await this.jobs()).send('import', id);
		return id;
	}

	/** An import by id; null when it is not known any more. */
	async find(id: string): Promise<ImportJob | null> {
		const row = await findImport(await this.database(), id);
		if (!row) return null;
		const noted = row.outcome === null ? null : (JSON.parse(row.outcome) as ImportOutcome);
		const outcome = noted ?? this.unnoted.get(id) ?? null;
		const progress = this.heard.get(id) ?? WAITING;
		return {
			id,
			name: row.name,
			options: JSON.parse(row.options) as SheetOptions,
			progress: outcome === null ? progress : { ...progress, phase: 'done' },
			outcome
		};
	}

	/** Looks again with another wish, or writes. False when the import is not known or still under way. */
	async goOn(id: string, { mode, options, actor }: Asked): Promise<boolean> {
		const asked = { mode, options: JSON.stringify(options), actor: JSON.stringify(actor) };
		const begun = await changeAlways(await this.database(), (tx) => askImportAgain(tx, id, asked));
		this.heard.delete(id);
		if (begun) await (await this.jobs()).send('import', id);
		return begun;
	}

	/** Stops an import that is under way, wherever it is; nothing is written. */
	async cancel(id: string): Promise<void> {
		await changeAlways(await this.database(), (tx) => stopImport(tx, id));
		(await this.jobs()).say('stop-import', { id });
	}

	/** Starts the thread, so that a file chosen next does not wait for it. */
	warm(): void {
		void this.threads();
	}

	/** How many imports are under way here. */
	get underWay(): number {
		return this.running.size;
	}

	/** Ends the thread. What is under way is taken up, here or elsewhere. */
	async stop(): Promise<void> {
		this.stopped = true;
		const pool = await this.pool;
		this.pool = undefined;
		await pool?.destroy();
	}

	private threads(): Promise<Piscina> {
		this.pool ??= import('./import.worker').then((worker) => startPool(worker, { maxThreads: 1, heapMb: HEAP_MB }));
		return this.pool;
	}

	/** A thread that does not heed the word to stop is ended. */
	private end(id: string): void {
		const own = this.running.get(id);
		if (!own) return;
		own.port.postMessage('stop');
		setTimeout(() => own.ender.abort(), PATIENCE_MS).unref();
	}

	private async take(id: string): Promise<void> {
		const db = await this.database();
		const mark = randomUUID();
		const row = await changeAlways(db, (tx) => takeImport(tx, id, mark));
		if (!row) return;
		this.unnoted.delete(id);
		const outcome = await this.run(row, mark);
		// What was written noted itself; a server that stops leaves the rest to the next.
		if (!outcome || this.stopped) return;
		this.unnoted.set(id, outcome);
		await changeAlways(db, (tx) => finishImport(tx, { id, mark, evenIfStopped: true }, outcome));
		this.unnoted.delete(id);
	}

	private async run({ id }: ImportRow, mark: string): Promise<ImportOutcome | null> {
		const jobs = await this.jobs();
		const { port1, port2 } = new MessageChannel();
		const own = { port: port1, ender: new AbortController() };
		this.running.set(id, own);
		port1.on('message', (progress: ImportProgress) => jobs.say('import', { id, progress } satisfies ProgressWord));
		port1.unref();
		try {
			const task: ImportTask = { folder: this.folder(), id, mark, port: port2 };
			const pool = await this.threads();
			return (await pool.run(task, { transferList: [port2], signal: own.ender.signal })) as ImportOutcome;
		} catch (error) {
			return this.stopped ? null : endedBy(error, own.ender.signal.aborted);
		} finally {
			this.running.delete(id);
			port1.close();
		}
	}
}

/** What became of an import whose thread ended. */
function endedBy(error: unknown, isStopped: boolean): ImportOutcome {
	if (isStopped) return { kind: 'cancelled' };
	const { code } = error as { code?: string };
	return {
		kind: 'trouble',
		message: code === 'ERR_WORKER_OUT_OF_MEMORY' ? TOO_LARGE : (databaseFailure(error) ?? ENDED)
	};
}
