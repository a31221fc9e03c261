import { basename } from 'node:path';
import { accessProblemsIn } from '../../lib/core/exchange';
import { summarise } from '../../lib/core/result';
import { isArchive, unpacked } from '../../lib/server/documents/archive';
import { readTables } from '../../lib/server/documents/read-tables';
import { completeIn, importComplete } from '../../lib/server/services/complete';
import { importDocument } from '../../lib/server/services/exchange';
import { SheetProblem, writeSheets } from '../../lib/server/services/sheets/import';
import { BadInput, readBytes, readDocumentIn, type Command } from '../io';
import { withDatabase } from '../with-database';

const SPREADSHEET = /\.(csv|tsv|txt|xlsx)$/i;
const AS_RECORD = { supplier: '', source: null, configuration: null, maps: {}, leaveOut: false };

async function importSheet(file: string, now: string) {
	const read = await readTables(readBytes(file), basename(file));
	if (!read.ok) throw new BadInput(read.error);
	const actor = { by: null, now };
	try {
		return await withDatabase((db) =>
			writeSheets(db, read.value.tables, { options: AS_RECORD, actor, progress: () => undefined })
		);
	} catch (error) {
		throw error instanceof SheetProblem ? new BadInput(`${file}: ${error.message}`) : error;
	}
}

function jsonOrNull(text: string): unknown {
	try {
		return JSON.parse(text);
	} catch {
		return null;
	}
}

async function takeComplete(complete: NonNullable<ReturnType<typeof completeIn>>) {
	const done = complete.ok ? await withDatabase((db) => importComplete(db, complete.value)) : complete;
	if (!done.ok) throw new BadInput(done.error);
	return done.value;
}

/** A document that holds together, its ways in too. @throws BadInput with what does not */
function soundDocument(text: string, file: string | undefined) {
	const document = readDocumentIn(text, file);
	const wrong = accessProblemsIn(document);
	if (wrong.length > 0) throw new BadInput(`${file}: ${summarise(wrong)}. Nothing was changed.`);
	return document;
}

/** Takes a document with its pictures in. */
async function importArchive(bytes: Uint8Array, file: string, now: string) {
	const archive = unpacked(bytes);
	if (!archive.ok) throw new BadInput(`${file}: ${archive.error}`);
	const { text, pictures } = archive.value;
	const document = soundDocument(text, file);
	return withDatabase((db) => importDocument(db, document, { now, pictures }));
}

/** Takes a rotalux/1 file, with its pictures when it is an archive, or a spreadsheet of vehicles into the shop's database, all or nothing. */
export const importFile: Command = {
	usage: 'import FILE',
	run: async ([file]) => {
		const now = new Date().toISOString();
		if (file && SPREADSHEET.test(file)) return { output: await importSheet(file, now) };
		const bytes = readBytes(file);
		if (isArchive(bytes)) return { output: await importArchive(bytes, file ?? '', now) };
		const text = new TextDecoder().decode(bytes);
		const complete = completeIn(jsonOrNull(text));
		if (complete) return { output: await takeComplete(complete) };
		return { output: await withDatabase((db) => importDocument(db, soundDocument(text, file), { now })) };
	}
};
