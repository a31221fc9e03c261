import type { Place } from '../place';
import type { Where } from '../where';
import { connectServer } from './connect';
import { dumpTo, restoreFrom } from './copy';
import { holdSchema } from './hold';
import { clear, oneAtATime } from './schema';

/** Data in a schema of a database on a server. */
export const serverPlace = (where: Where & { engine: 'postgres' }): Place => ({
	words: `${where.schema} on the server`,
	ending: '.dump',
	isThere: () => true,
	connect: () => connectServer(where),
	prepare: (db, work) => oneAtATime(db, where.schema, work),
	hold: (_what, how) => holdSchema(where, how === 'to-serve'),
	saveAs: (file) => dumpTo(where, file),
	replaceBy: (file, wrong) => restoreFrom(where, file, wrong),
	clear: async () => {
		const db = connectServer(where);
		await clear(db, where.schema).finally(() => db.destroy());
	},
	waitingBytes: () => null
});
