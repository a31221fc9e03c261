import { randomUUID } from 'node:crypto';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import type { Piscina } from 'piscina';
import type { SheetOptions } from '../services/sheets/import';
import type { Actor } from '../services/record/store';
import { dropUpload, fileOf, keptImports, noteImport, putUpload, type KeptImport } from './import-files';
import type { ImportOutcome, ImportTask } from './import.worker';
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

interface KeptJob extends ImportJob {
	folder: string;
	mode: ImportTask['mode'];
	actor: Actor;
	/** Where the word to stop goes, and what ends the thread if it does not listen; null while nothing is under way. */
	stop: { port: MessagePort; ender: AbortController } | null;
}

/** What an import is asked. */
interface Asked {
	mode: ImportTask['mode'];
	options: SheetOptions;
	actor: Actor;
}

const MAX_JOBS = 20;
/** Memory an import may take, MB. */
const HEAP_MB = 1536;
/** How long a thread may take to heed the word to stop, ms. */
const PATIENCE_MS = 1000;

const ENDED = 'The import ended before it was done. Nothing was written; try again.';
const TOO_LARGE = 'The file needs more memory than one import may take. Nothing was written; split it and try again.';
const CUT_OFF =
	'This was stopped while it was being written. It was written whole or not at all: look at the history of a vehicle in it, and choose the file again if it is not there.';

const jobs = new Map<string, KeptJob>();
let pool: Promise<Piscina> | undefined;

async function threads(): Promise<Piscina> {
	pool ??= import('./import.worker').then((worker) => startPool(worker, { maxThreads: 1, heapMb: HEAP_MB }));
	return pool;
}

function forgetOldest(): void {
	for (const [id, job] of jobs) {
		if (jobs.size <= MAX_JOBS) return;
		if (job.outcome === null) continue;
		dropUpload(job.folder, id);
		jobs.delete(id);
	}
}

const noted = ({ id, name, mode, options, actor, outcome }: KeptJob): KeptImport => ({
	id,
	name,
	mode,
	options,
	actor,
	outcome
});

/** What became of an import whose thread ended. */
function endedBy(error: unknown, job: KeptJob): ImportOutcome {
	if (job.stop?.ender.signal.aborted)
		return job.progress.phase === 'writing' ? { kind: 'trouble', message: CUT_OFF } : { kind: 'cancelled' };
	const { code } = error as { code?: string };
	return { kind: 'trouble', message: code === 'ERR_WORKER_OUT_OF_MEMORY' ? TOO_LARGE : ENDED };
}

async function run(job: KeptJob, { mode, options, actor }: Asked): Promise<void> {
	const { port1, port2 } = new MessageChannel();
	const ender = new AbortController();
	Object.assign(job, { mode, options, actor, outcome: null, stop: { port: port1, ender } });
	job.progress = { phase: 'waiting', done: 0, total: 0 };
	noteImport(job.folder, noted(job));
	port1.on('message', (progress: ImportProgress) => (job.progress = progress));
	port1.unref();
	const { folder, id, name } = job;
	const task: ImportTask = { mode, folder, file: fileOf(folder, id), name, options, actor, port: port2 };
	try {
		const running = (await threads()).run(task, { transferList: [port2], signal: ender.signal });
		job.outcome = (await running) as ImportOutcome;
	} catch (error) {
		job.outcome = endedBy(error, job);
	} finally {
		port1.close();
		job.stop = null;
		job.progress = { ...job.progress, phase: 'done' };
		if (!stopping) noteImport(job.folder, noted(job));
	}
}

/** Begins to look at a spreadsheet, or to take a document in; what came of it can be asked for under the id that is given. */
export function beginImport(folder: string, upload: { name: string; bytes: Uint8Array }, asked: Asked): string {
	const id = randomUUID();
	putUpload(folder, id, upload.bytes);
	const progress = { phase: 'waiting' as const, done: 0, total: 0 };
	const job: KeptJob = { id, name: upload.name, folder, progress, outcome: null, stop: null, ...asked };
	jobs.set(id, job);
	forgetOldest();
	void run(job, asked);
	return id;
}

/**
 * Takes up the imports that were known before a restart. A look is looked at again; what was being written is not written a second time.
 */
export function resumeImports(folder: string): void {
	for (const kept of keptImports(folder, Date.now())) {
		if (jobs.has(kept.id)) continue;
		const job: KeptJob = { ...kept, folder, stop: null, progress: { phase: 'done', done: 0, total: 0 } };
		jobs.set(kept.id, job);
		if (kept.outcome !== null) continue;
		if (kept.mode === 'preview') void run(job, kept);
		else job.outcome = { kind: 'trouble', message: CUT_OFF };
	}
	forgetOldest();
}

/** An import by id; null when it is not known any more. */
export function findImport(id: string): ImportJob | null {
	const job = jobs.get(id);
	if (!job) return null;
	const { name, options, progress, outcome } = job;
	return { id, name, options, progress, outcome };
}

/** Looks again with another wish, or writes. False when the import is not known or still under way. */
export function continueImport(id: string, asked: Asked): boolean {
	const job = jobs.get(id);
	if (!job || job.stop) return false;
	void run(job, asked);
	return true;
}

/** Stops an import that is under way; nothing is written. A thread that does not heed the word is ended. */
export function cancelImport(id: string): void {
	const stop = jobs.get(id)?.stop;
	if (!stop) return;
	stop.port.postMessage('stop');
	setTimeout(() => stop.ender.abort(), PATIENCE_MS).unref();
}

/** Starts the thread, so that a file chosen next does not wait for it. */
export function warmImports(): void {
	void threads();
}

let stopping = false;

/** Ends the thread. What is under way is taken up, or said to be cut off, when the server starts again. */
export async function stopImports(): Promise<void> {
	stopping = true;
	const running = await pool;
	pool = undefined;
	await running?.destroy();
	stopping = false;
}

/** How many imports are under way. */
export const importsUnderWay = (): number => [...jobs.values()].filter((job) => job.stop !== null).length;
