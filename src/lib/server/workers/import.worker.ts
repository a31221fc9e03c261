import { readFileSync } from 'node:fs';
import { receiveMessageOnPort, type MessagePort } from 'node:worker_threads';
import { accessProblemsIn, readDocumentText, type SheetsView } from '../../core/exchange';
import { counted } from '../../core/quantity';
import type { Problem } from '../../core/result';
import { openDatabase } from '../db/connection';
import { databaseFailure } from '../db/failure';
import { readTables } from '../documents/read-tables';
import { importDocument, type ImportReport } from '../services/exchange';
import { previewSheets, writeSheets, type SheetReport, type SheetOptions } from '../services/sheets/import';
import type { Actor } from '../services/record/store';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** One import to look at, or to write. */
export interface ImportTask {
	/** Look at a spreadsheet, write it, or take a whole document in. */
	mode: 'preview' | 'write' | 'document';
	/** The data folder, and the file that was put there. */
	folder: string;
	file: string;
	name: string;
	options: SheetOptions;
	actor: Actor;
	/** Takes progress out, and the word to stop in. */
	port: MessagePort;
}

/** What came of it. */
export type ImportOutcome =
	| { kind: 'preview'; preview: SheetsView; notes: string[] }
	| { kind: 'written'; report: SheetReport }
	| { kind: 'document'; report: ImportReport; vehicles: string[] }
	| { kind: 'problems'; message: string; problems: Problem[] }
	| { kind: 'trouble'; message: string }
	| { kind: 'cancelled' };

const ROWS_BETWEEN_WORDS = 250;
class Cancelled extends Error {}

/** Most problems of a document that are shown. */
const MAX_PROBLEMS = 50;

async function takeDocument({ folder, file, name, actor, port }: ImportTask): Promise<ImportOutcome> {
	const read = readDocumentText(new TextDecoder().decode(readFileSync(file)));
	const problems = read.ok ? accessProblemsIn(read.value) : read.error;
	if (!read.ok || problems.length > 0) {
		const wrong = counted(problems.length, 'thing is', 'things are');
		return {
			kind: 'problems',
			message: `${name} was not read: ${wrong} wrong. Nothing was changed.`,
			problems: problems.slice(0, MAX_PROBLEMS)
		};
	}
	const { units, configurations, products, accessories } = read.value;
	const total = units.length + configurations.length + products.length + accessories.length;
	const progress = (done: number): void => {
		if (done % ROWS_BETWEEN_WORDS !== 0) return;
		if (receiveMessageOnPort(port)) throw new Cancelled();
		port.postMessage({ phase: 'checking', done, total });
	};
	const db = await openDatabase(folder);
	try {
		const report = await importDocument(db, read.value, { now: actor.now, by: actor.by, progress });
		return { kind: 'document', report, vehicles: configurations.map((c) => c.id) };
	} finally {
		await db.destroy();
	}
}

async function run(task: ImportTask): Promise<ImportOutcome> {
	const { mode, folder, file, name, options, actor, port } = task;
	port.postMessage({ phase: 'reading', done: 0, total: 0 });
	if (mode === 'document') return takeDocument(task);
	const read = await readTables(new Uint8Array(readFileSync(file)), name);
	if (!read.ok) return { kind: 'trouble', message: `${read.error} Nothing was changed.` };
	const { tables, notes } = read.value;
	const total = tables.reduce((sum, table) => sum + table.rows.length, 0);
	const progress = (done: number): void => {
		if (done % ROWS_BETWEEN_WORDS !== 0) return;
		if (receiveMessageOnPort(port)) throw new Cancelled();
		port.postMessage({ phase: done > total ? 'writing' : 'checking', done: Math.min(done, total), total });
	};
	const db = await openDatabase(folder);
	try {
		if (mode === 'preview')
			return { kind: 'preview', preview: await previewSheets(db, tables, { options, actor, progress }), notes };
		return { kind: 'written', report: await writeSheets(db, tables, { options, actor, progress }) };
	} finally {
		await db.destroy();
	}
}

/** Reads a spreadsheet off the request thread, and looks at it or writes it. A word through the port stops it, with nothing written. */
export default async function importSheets(task: ImportTask): Promise<ImportOutcome> {
	try {
		return await run(task);
	} catch (error) {
		if (error instanceof Cancelled) return { kind: 'cancelled' };
		const message = databaseFailure(error) ?? (error instanceof Error ? error.message : String(error));
		return { kind: 'trouble', message };
	} finally {
		task.port.close();
	}
}
