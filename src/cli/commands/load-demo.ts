import { loadDemo } from '../../lib/server/demo/load';
import { BadInput, type Command } from '../io';
import { plainly } from '../plainly';
import { dataFolder } from '../../lib/server/config';

/** Puts the demo data into a fresh database. Never touches a database that holds a shop's own data. */
export const loadDemoData: Command = {
	usage: 'load-demo',
	run: async () => {
		const loaded = await plainly(() => loadDemo(dataFolder(), new Date().toISOString()));
		if (!loaded.ok) throw new BadInput(loaded.error);
		return { output: loaded.value };
	}
};
