import type { Knex } from 'knex';
import { receiveMessageOnPort, type MessagePort } from 'node:worker_threads';
import { accessProblemsIn, readDocumentText, type SheetsView } from '../../core/exchange';
import { counted } from '../../core/quantity';
import type { Problem } from '../../core/result';
import type { Tx } from '../db/change';
import { seenFrom } from '../db/branch';
import { openDatabase } from '../db/connection';
import { databaseFailure } from '../db/failure';
import { findImport, finishImport, importFile, isStopping } from '../repositories/imports';
import { readTables } from '../documents/read-tables';
import { importDocument, type ImportReport } from '../services/exchange';
import { previewSheets, writeSheets, type SheetReport, type SheetOptions } from '../services/sheets/import';
import type { Actor } from '../services/record/store';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** An import that was taken. */
export interface ImportTask {
	/** The data folder, the number of the import, and the mark it was taken by. */
	folder: string;
	id: string;
	mark: string;
	/** Takes progress out, and the word to stop in. */
	port: MessagePort;
}

/** Look at a spreadsheet, write it, or take a whole document in. */
export type ImportMode = 'preview' | 'write' | 'document';

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

/** An import as the thread works on it. */
interface Open {
	db: Knex;
	name: string;
	bytes: Uint8Array;
	options: SheetOptions;
	actor: Actor;
	/** Says how far it is; throws when somebody wants it stopped. */
	say: (phase: 'checking' | 'writing', done: number, total: number) => void;
	/** Notes what came of it in the change that writes it, or undoes that. */
	noting: (tx: Tx, outcome: ImportOutcome) => Promise<void>;
}

async function takeDocument({ db, name, bytes, actor, say, noting }: Open): Promise<ImportOutcome> {
	const read = readDocumentText(new TextDecoder().decode(bytes));
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
	const vehicles = configurations.map((c) => c.id);
	const report = await importDocument(db, read.value, {
		now: actor.now,
		by: actor.by,
		progress: (done) => say('checking', done, total),
		noting: (tx, written) => noting(tx, { kind: 'document', report: written, vehicles })
	});
	return { kind: 'document', report, vehicles };
}

async function takeSheets(
	isLook: boolean,
	{ db, name, bytes, options, actor, say, noting }: Open
): Promise<ImportOutcome> {
	const read = await readTables(bytes, name);
	if (!read.ok) return { kind: 'trouble', message: `${read.error} Nothing was changed.` };
	const { tables, notes } = read.value;
	const total = tables.reduce((sum, table) => sum + table.rows.length, 0);
	const asked = {
		options,
		actor,
		progress: (done: number) => say(done > total ? 'writing' : 'checking', Math.min(done, total), total)
	};
	if (isLook) return { kind: 'preview', preview: await previewSheets(db, tables, asked), notes };
	const report = await writeSheets(db, tables, {
		...asked,
		noting: (tx, written) => noting(tx, { kind: 'written', report: written })
	});
	return { kind: 'written', report };
}

async function run({ folder, id, mark, port }: ImportTask): Promise<ImportOutcome> {
	port.postMessage({ phase: 'reading', done: 0, total: 0 });
	const db = await openDatabase(folder);
	try {
		const [row, bytes] = [await findImport(db, id), await importFile(db, id)];
		if (!row || !bytes || (await isStopping(db, id))) return { kind: 'cancelled' };
		let words = 0;
		const open: Open = {
			db: seenFrom(db, row.branch),
			name: row.name,
			bytes,
			options: JSON.parse(row.options) as SheetOptions,
			actor: JSON.parse(row.actor) as Actor,
			say: (phase, done, all) => {
				if (words++ % ROWS_BETWEEN_WORDS !== 0) return;
				if (receiveMessageOnPort(port)) throw new Cancelled();
				port.postMessage({ phase, done, total: all });
			},
			noting: async (tx, outcome) => {
				if (!(await finishImport(tx, { id, mark }, outcome))) throw new Cancelled();
			}
		};
		return row.mode === 'document' ? await takeDocument(open) : await takeSheets(row.mode === 'preview', open);
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
