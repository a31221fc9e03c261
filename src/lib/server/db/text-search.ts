import type { Knex } from 'knex';
import type { Tx } from './tx';
import type { Typed, WordRow, WordTable } from './engine';
import { engineOf } from './engines';

export { WORD_TABLES, type WordRow, type WordTable } from './engine';
export { plainWords } from './plain-words';

/** Ids of the rows that hold every word, as a part of another query. */
export const idsWith = (db: Knex, table: WordTable, typed: Typed): Knex.QueryBuilder =>
	engineOf(db).idsWith(db, table, typed);

/** Ids of the rows that hold every word, best first. */
export async function bestIdsWith(
	db: Knex,
	table: WordTable,
	{ typed, most }: { typed: Typed; most: number }
): Promise<string[]> {
	const { idsWith: matching, bestFirst } = engineOf(db);
	const rows: { id: string }[] = await bestFirst(matching(db, table, typed), typed).limit(most);
	return rows.map(({ id }) => id);
}

/** Every word that vehicles are found by. */
export const everyWord = (db: Knex): Promise<string[]> => engineOf(db).everyWord(db);

/** Writes what things are found by. */
export const putWords = (tx: Tx, table: WordTable, rows: readonly WordRow[]): Promise<void> =>
	engineOf(tx).putWords(tx, table, rows);

/** Takes out what things are found by. */
export const dropWords = (tx: Tx, table: WordTable, ids: readonly string[]): Promise<void> =>
	engineOf(tx).dropWords(tx, table, ids);
