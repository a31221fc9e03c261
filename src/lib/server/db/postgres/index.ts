import type { Engine } from '../engine';
import { countOn, removeRows, updateRows, writeRows } from './bulk';
import { faults, quickFault } from './faults';
import { createGuard, dropGuard, settle } from './schema';
import { beginsAWord, bestFirst, createWordTable, dropWords, everyWord, idsWith, putWords } from './words';

/** A server for several processes on several machines: PostgreSQL 15 or newer. */
export const POSTGRES: Engine = {
	client: 'pg',
	createWordTable,
	// A thing is found by its id.
	createWordRows: () => Promise.resolve(),
	// The words are asked for from the index of vehicles.
	createVocabulary: () => Promise.resolve(),
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
	updateRows,
	removeRows,
	countOn,
	putWords,
	dropWords,
	idsWith,
	bestFirst,
	everyWord,
	beginsAWord,
	quickFault,
	faults
};
