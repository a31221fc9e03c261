import { resolve } from 'node:path';
import { dataFolder } from '../../lib/server/config';
import { backUp, restore as restoreFrom } from '../../lib/server/services/backups';
import { BadInput, type Command } from '../io';
import { plainly } from '../plainly';

/** Saves the shop's database while it is in use: compressed, and opened again. */
export const backup: Command = {
	usage: 'backup [FILE]',
	run: async ([file]) => ({ output: await plainly(() => backUp(dataFolder(), file && resolve(file))) })
};

/** Puts a backup in the place of the shop's database; what was there is kept. */
export const restore: Command = {
	usage: 'restore FILE',
	run: async ([file]) => {
		if (!file) throw new BadInput('No file is named; give the path of a backup.');
		return { output: await plainly(() => restoreFrom(dataFolder(), resolve(file))) };
	}
};
