import type { Engine } from '../engine';
import { addNumbered, countOn, removeRows, updateRows, writeRows } from './bulk';
import { faults, quickFault } from './faults';
import { createGuard, dropGuard, settle } from './schema';
import { bestFirst, createWordTable, dropWords, everyWord, idsWith, putWords } from './words';

/** A server for several processes on several machines: PostgreSQL 15 or newer. */
export const POSTGRES: Engine = {
	client: 'pg',
	createWordTable,
	// A thing is found by its id.
	createWordRows: () => Promise.resolve(),
	// The words are asked for from the index of vehicles.
	createVocabulary: () => Promise.resolve(),
	// A word that is unfinished is looked up among the words in their order.
	indexBeginnings: () => Promise.resolve(),
	dropVocabulary: () => Promise.resolve(),
	createGuard,
	dropGuard,
	settle,
	takeStock: async (db) => {
		await db.raw('VACUUM (ANALYZE)');
	},
	waitAtMost: async (tx, ms) => {
		await tx.raw(`SET LOCAL lock_timeout = ${Math.round(ms)}`);
	},
	snapshot: { isolationLevel: 'repeatable read' },
	writeRows,
	addNumbered,
	updateRows,
	removeRows,
	countOn,
	putWords,
	dropWords,
	idsWith,
	bestFirst,
	everyWord,
	quickFault,
	faults
};
