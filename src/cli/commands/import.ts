import { importDocument } from '../../lib/server/services/exchange';
import { readFileDocument, type Command } from '../io';
import { withDatabase } from '../with-database';

/** Takes a file into the shop's database, all or nothing. */
export const importFile: Command = {
	usage: 'import FILE',
	run: async ([file]) => {
		const document = readFileDocument(file);
		return { output: await withDatabase((db) => importDocument(db, document, new Date().toISOString())) };
	}
};
