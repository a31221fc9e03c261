import { askSockets } from '../../lib/server/services/counter';
import { BadInput, type Command } from '../io';
import { withDatabase } from '../with-database';

/** Answers a line as the counter does, from the database. */
export const ask: Command = {
	usage: 'ask TEXT',
	run: async (args) => {
		const line = args.join(' ').trim();
		if (line === '') throw new BadInput('Give what is asked, such as "skerry 2016 rear indicator".');
		return { output: await withDatabase((db) => askSockets(db, line)) };
	}
};
