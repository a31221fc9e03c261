import { readFileSync } from 'node:fs';
import { receiveMessageOnPort, type MessagePort } from 'node:worker_threads';
import type { SheetsView } from '../../core/exchange';
import { openDatabase } from '../db/connection';
import { databaseFailure } from '../db/failure';
import { readTables } from '../documents/read-tables';
import { previewSheets, writeSheets, type SheetReport, type SheetOptions } from '../services/sheets/import';
import type { Actor } from '../services/record/store';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** One import to look at, or to write. */
export interface ImportTask {
	mode: 'preview' | 'write';
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
	| { kind: 'trouble'; message: string }
	| { kind: 'cancelled' };

const ROWS_BETWEEN_WORDS = 250;
class Cancelled extends Error {}

async function run({ mode, folder, file, name, options, actor, port }: ImportTask): Promise<ImportOutcome> {
	port.postMessage({ phase: 'reading', done: 0, total: 0 });
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
