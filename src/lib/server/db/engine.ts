import type { Knex } from 'knex';
import type { Tx } from './tx';

/** What an engine keeps in a column. */
export type Cell = string | number | Uint8Array | null;
/** One row of a table, by column; every row of a write has the same columns. */
export type Row = Readonly<Record<string, Cell>>;

/** Tables of words: a column of ids and one of words, searched by the beginnings of words. */
export const WORD_TABLES = ['configuration_search', 'stock_search'] as const;
export type WordTable = (typeof WORD_TABLES)[number];

/** Words a thing is found by. */
export interface WordRow {
	id: string;
	words: string;
}

/** Words that were typed, each as it may be meant: any of its meanings may be the beginning of a word. */
export type Typed = readonly (readonly string[])[];

/** A condition under which the database itself refuses a statement. Columns of a row are `OLD.column` and `NEW.column`. */
export interface Guard {
	name: string;
	/** @example 'UPDATE ON kits' */
	on: string;
	when: string;
	words: string;
}

/** What one engine does in its own way. All else is said to both through Knex. */
export interface Engine {
	/** Its name in Knex. */
	readonly client: string;

	/** Tables, for migrations. */
	createWordTable: (db: Knex, table: WordTable) => Promise<void>;
	/** Notes where in an index of words each thing stands, if that is not known by itself. */
	createWordRows: (db: Knex) => Promise<void>;
	/** The words of the vehicles, each once. */
	createVocabulary: (db: Knex) => Promise<void>;
	dropVocabulary: (db: Knex) => Promise<void>;
	/** Keeps the beginnings of words in the index up to so many letters, if it keeps such. */
	indexBeginnings: (db: Knex, table: WordTable, letters: number) => Promise<void>;
	createGuard: (db: Knex, guard: Guard) => Promise<void>;
	dropGuard: (db: Knex, guard: Pick<Guard, 'name' | 'on'>) => Promise<void>;
	/** Puts the tables as this engine keeps them best, after all migrations. */
	settle: (db: Knex) => Promise<void>;

	/** Tidies up after many rows came at once, and counts how they lie, so that the next question is answered the quick way. */
	takeStock: (db: Knex) => Promise<void>;

	/** How long a change waits by itself for the right to write, ms, where the engine lets it wait. */
	waitAtMost: (tx: Knex, ms: number) => Promise<void>;

	/** How a transaction begins that reads everything as it stands at one moment. */
	readonly snapshot: Knex.TransactionConfig;

	/** Many rows at once. */
	writeRows: (tx: Tx, target: { table: string; key?: readonly string[] }, rows: readonly Row[]) => Promise<void>;
	/** New rows of a table that numbers them; gives the number of the last one, null where there are none. */
	addNumbered: (tx: Tx, target: { table: string; column: string }, rows: readonly Row[]) => Promise<number | null>;
	updateRows: (tx: Tx, target: { table: string; key: string }, rows: readonly Row[]) => Promise<void>;
	removeRows: (tx: Tx, target: { table: string; column: string }, values: readonly string[]) => Promise<void>;
	/** Rows that were written with their own numbers: new ones count on behind them. */
	countOn: (tx: Tx, table: string, column: string) => Promise<void>;

	/** Words. */
	putWords: (tx: Tx, table: WordTable, rows: readonly WordRow[]) => Promise<void>;
	dropWords: (tx: Tx, table: WordTable, ids: readonly string[]) => Promise<void>;
	idsWith: (db: Knex, table: WordTable, typed: Typed) => Knex.QueryBuilder;
	/** Puts such a query in order, the best first. */
	bestFirst: (query: Knex.QueryBuilder, typed: Typed) => Knex.QueryBuilder;
	everyWord: (db: Knex) => Promise<string[]>;

	/** What a quick look finds damaged, as at every start, and what a whole one finds; null and empty where all is well. */
	quickFault: (db: Knex) => Promise<string | null>;
	faults: (db: Knex) => Promise<{ fault: string | null; strays: string[] }>;
}
