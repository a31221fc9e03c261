import type { Engine } from '../engine';
import { removeRows, updateRows, writeRows } from './bulk';
import { faults, quickFault } from './faults';
import {
	beginsAWord,
	bestFirst,
	createVocabulary,
	createWordRows,
	createWordTable,
	dropVocabulary,
	dropWords,
	everyWord,
	idsWith,
	putWords
} from './words';

/** The embedded engine: one file, one machine. */
export const SQLITE: Engine = {
	client: 'better-sqlite3',
	createWordTable,
	createWordRows,
	createVocabulary,
	dropVocabulary,
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
	updateRows,
	removeRows,
	// A new row gets a number above all that are there.
	countOn: () => Promise.resolve(),
	putWords,
	dropWords,
	idsWith,
	bestFirst,
	everyWord,
	beginsAWord,
	quickFault,
	faults
};
