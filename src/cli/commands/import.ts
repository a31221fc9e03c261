import { basename } from 'node:path';
import { readTables } from '../../lib/server/documents/read-tables';
import { importDocument } from '../../lib/server/services/exchange';
import { SheetProblem, writeSheets } from '../../lib/server/services/sheets/import';
import { BadInput, readBytes, readFileDocument, type Command } from '../io';
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

/** Takes a rotalux/1 file or a spreadsheet of vehicles into the shop's database, all or nothing. */
export const importFile: Command = {
	usage: 'import FILE',
	run: async ([file]) => {
		const now = new Date().toISOString();
		if (file && SPREADSHEET.test(file)) return { output: await importSheet(file, now) };
		const document = readFileDocument(file);
		return { output: await withDatabase((db) => importDocument(db, document, { now })) };
	}
};
