import { parseArgs } from 'node:util';
import { dataFolder } from '../../lib/server/config';
import { moveData } from '../../lib/server/services/move';
import { BadInput, type Command } from '../io';
import { plainly } from '../plainly';

/** Moves the shop's data to a server, or back into a folder: everything, counted and compared. */
export const move: Command = {
	usage: 'move --to postgres://NAME@HOST/DATABASE | FOLDER',
	run: async (args) => {
		const { to } = parseArgs({ args: [...args], options: { to: { type: 'string' } } }).values;
		if (!to) throw new BadInput('No place is named; give --to with the address of a database, or a folder.');
		const output = await plainly(() =>
			moveData(dataFolder(), to, (table, rows) => process.stderr.write(`${table}: ${rows} rows, equal on both sides\n`))
		);
		return { output };
	}
};
