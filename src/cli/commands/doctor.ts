import { examine } from '../../lib/server/services/doctor';
import { type Command } from '../io';
import { shopFolder, withDatabase } from '../with-database';

/** Looks the shop's data over: file, histories, export, backups, room. Leaves with 1 when something is wrong. */
export const doctor: Command = {
	usage: 'doctor',
	run: async () => {
		const output = await withDatabase((db) => examine(db, shopFolder()));
		return { output, exit: output.ok ? 0 : 1 };
	}
};
