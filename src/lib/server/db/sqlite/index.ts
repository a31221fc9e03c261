import type { Engine } from '../engine';
import { addNumbered, removeRows, updateRows, writeRows } from './bulk';
import { faults, quickFault } from './faults';
import {
	bestFirst,
	createVocabulary,
	createWordRows,
	createWordTable,
	dropVocabulary,
	dropWords,
	everyWord,
	idsWith,
	indexBeginnings,
	putWords
} from './words';

/** The embedded engine: one file, one machine. */
export const SQLITE: Engine = {
	client: 'better-sqlite3',
	createWordTable,
	createWordRows,
	createVocabulary,
	dropVocabulary,
	indexBeginnings,
	createGuard: async (db, { name, on, when, words }) => {
		await db.raw(`CREATE TRIGGER ${name} BEFORE ${on} WHEN ${when} BEGIN SELECT RAISE(ABORT, '${words}'); END`);
	},
	dropGuard: async (db, { name }) => {
		await db.raw(`DROP TRIGGER ${name}`);
	},
	settle: () => Promise.resolve(),
	// Its tables are asked by their indexes.
	takeStock: () => Promise.resolve(),
	// Who waits looks again (`change`).
	waitAtMost: () => Promise.resolve(),
	// Every transaction of a file does.
	snapshot: {},
	writeRows,
	addNumbered,
	updateRows,
	removeRows,
	// A new row gets a number above all that are there.
	countOn: () => Promise.resolve(),
	putWords,
	dropWords,
	idsWith,
	bestFirst,
	everyWord,
	quickFault,
	faults
};
