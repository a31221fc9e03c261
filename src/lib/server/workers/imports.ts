import { randomUUID } from 'node:crypto';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import type { Piscina } from 'piscina';
import type { SheetOptions } from '../services/sheets/import';
import type { Actor } from '../services/record/store';
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
	file: string;
	folder: string;
	stop: MessagePort | null;
}

const MAX_JOBS = 20;
const jobs = new Map<string, KeptJob>();
let pool: Promise<Piscina> | undefined;

async function threads(): Promise<Piscina> {
	pool ??= import('./import.worker').then((worker) => startPool(worker, 1));
	return pool;
}

function forgetOldest(): void {
	for (const [id, job] of jobs) {
		if (jobs.size <= MAX_JOBS) return;
		if (job.outcome === null) continue;
		rmSync(job.file, { force: true });
		jobs.delete(id);
	}
}

async function run(job: KeptJob, mode: ImportTask['mode'], actor: Actor): Promise<void> {
	const { port1, port2 } = new MessageChannel();
	job.stop = port1;
	job.outcome = null;
	job.progress = { phase: 'waiting', done: 0, total: 0 };
	port1.on('message', (progress: ImportProgress) => (job.progress = progress));
	port1.unref();
	const { file, folder, name, options } = job;
	const task: ImportTask = { mode, folder, file, name, options, actor, port: port2 };
	try {
		job.outcome = (await (await threads()).run(task, { transferList: [port2] })) as ImportOutcome;
	} catch {
		job.outcome = { kind: 'trouble', message: 'The import ended before it was done. Nothing was written; try again.' };
	} finally {
		port1.close();
		job.stop = null;
		job.progress = { ...job.progress, phase: 'done' };
	}
}

/** Begins to look at a spreadsheet, or to take a document in; what came of it can be asked for under the id that is given. */
export function beginImport(
	folder: string,
	upload: { name: string; bytes: Uint8Array },
	{ mode, options, actor }: { mode: ImportTask['mode']; options: SheetOptions; actor: Actor }
): string {
	const id = randomUUID();
	mkdirSync(join(folder, 'uploads'), { recursive: true });
	const file = join(folder, 'uploads', id);
	writeFileSync(file, upload.bytes);
	const progress = { phase: 'waiting' as const, done: 0, total: 0 };
	const job: KeptJob = { id, name: upload.name, options, progress, outcome: null, file, folder, stop: null };
	jobs.set(id, job);
	forgetOldest();
	void run(job, mode, actor);
	return id;
}

/** An import by id; null when it is not known any more. */
export function findImport(id: string): ImportJob | null {
	const job = jobs.get(id);
	if (!job) return null;
	const { file: _file, folder: _folder, stop: _stop, ...shown } = job;
	return shown;
}

/** Looks again with another wish, or writes. False when the import is not known or still under way. */
export function continueImport(
	id: string,
	{ mode, options, actor }: { mode: ImportTask['mode']; options: SheetOptions; actor: Actor }
): boolean {
	const job = jobs.get(id);
	if (!job || job.stop) return false;
	job.options = options;
	void run(job, mode, actor);
	return true;
}

/** Stops an import that is under way; nothing is written. */
export function cancelImport(id: string): void {
	jobs.get(id)?.stop?.postMessage('stop');
}

/** Starts the thread, so that a file chosen next does not wait for it. */
export function warmImports(): void {
	void threads();
}

/** Ends the thread. */
export async function stopImports(): Promise<void> {
	const running = await pool;
	pool = undefined;
	await running?.destroy();
}

/** How many imports are under way. */
export const importsUnderWay = (): number => [...jobs.values()].filter((job) => job.stop !== null).length;
