import type { Knex } from 'knex';
import { statementOn } from './bulk';
import type { Tx } from './change';

/**
 * Full-text search, which every database does in its own way: this is SQLite's (FTS5), and whoever puts another database in writes this file
 * anew. A table of words has a column of ids and one of words.
 */
export type WordTable = 'configuration_search' | 'stock_search';

/** A query for words that each may be unfinished, and may each be meant in several ways. Quotes inside a word are doubled, so no word is an operator. */
function prefixQuery(typed: readonly (readonly string[])[]): string {
	const either = (words: readonly string[]) => words.map((word) => `"${word.replaceAll('"', '""')}"*`).join(' OR ');
	return typed.map((words) => `(${either(words)})`).join(' AND ');
}

/** What stands between typed words and between the words of the index alike; marks over letters do not count. */
export function plainWords(typed: readonly string[]): string[] {
	return typed
		.flatMap((word) =>
			word
				.normalize('NFD')
				.replace(/\p{M}/gu, '')
				.toLowerCase()
				.split(/[^\p{L}\p{N}]+/u)
		)
		.filter(Boolean);
}

/** Ids of the rows that hold every word, as a part of another query. */
export function idsWith(db: Knex, table: WordTable, typed: readonly (readonly string[])[]): Knex.QueryBuilder {
	return db(table)
		.whereRaw(`${table} MATCH ?`, [prefixQuery(typed)])
		.select('id');
}

/** Ids of the rows that hold every word, best first. */
export async function bestIdsWith(
	db: Knex,
	table: WordTable,
	{ typed, most }: { typed: readonly (readonly string[])[]; most: number }
): Promise<string[]> {
	const rows: { id: string }[] = await idsWith(db, table, typed).orderByRaw('rank, id').limit(most);
	return rows.map(({ id }) => id);
}

/** True when some word that vehicles are found by begins with what is typed. */
export async function beginsAWord(db: Knex, typed: string): Promise<boolean> {
	const last = String.fromCodePoint(0x10ffff);
	const row = await db('configuration_words')
		.whereBetween('term', [typed, typed + last])
		.first('term');
	return row !== undefined;
}

/** Every word that vehicles are found by. */
export async function everyWord(db: Knex): Promise<string[]> {
	const rows: { term: string }[] = await db('configuration_words').select('term');
	return rows.map(({ term }) => term);
}

/** Words a thing is found by. */
export interface WordRow {
	id: string;
	words: string;
}

/**
 * Writes what things are found by. Where in the index a thing stands is kept beside it: an index of words cannot be looked through for an id
 * without reading all of it.
 */
export async function putWords(tx: Tx, table: WordTable, rows: readonly WordRow[]): Promise<void> {
	const at = await statementOn(tx, 'SELECT row FROM word_rows WHERE word_table = ? AND id = ?');
	const change = await statementOn(tx, `UPDATE ${table} SET words = ? WHERE rowid = ?`);
	const add = await statementOn(tx, `INSERT INTO ${table} (id, words) VALUES (?, ?)`);
	const note = await statementOn(tx, 'INSERT INTO word_rows (word_table, id, row) VALUES (?, ?, ?)');
	for (const { id, words } of rows) {
		const there = at.get(table, id) as { row: number } | undefined;
		if (there) change.run(words, there.row);
		else note.run(table, id, Number(add.run(id, words).lastInsertRowid));
	}
}

/** Takes out what things are found by. */
export async function dropWords(tx: Tx, table: WordTable, ids: readonly string[]): Promise<void> {
	const at = await statementOn(tx, 'SELECT row FROM word_rows WHERE word_table = ? AND id = ?');
	const drop = await statementOn(tx, `DELETE FROM ${table} WHERE rowid = ?`);
	const forget = await statementOn(tx, 'DELETE FROM word_rows WHERE word_table = ? AND id = ?');
	for (const id of ids) {
		const there = at.get(table, id) as { row: number } | undefined;
		if (!there) continue;
		drop.run(there.row);
		forget.run(table, id);
	}
}
