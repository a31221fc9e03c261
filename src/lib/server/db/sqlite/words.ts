import type { Knex } from 'knex';
import type { Tx } from '../tx';
import type { Typed, WordRow, WordTable } from '../engine';
import { statementOn } from './bulk';

/** Words of things in full-text tables (FTS5), with the beginnings of words in the index. */
export async function createWordTable(db: Knex, table: WordTable): Promise<void> {
	await db.raw(`CREATE VIRTUAL TABLE ${table} USING fts5(id UNINDEXED, words, prefix='1 2 3')`);
}

/** Where in an index of words a thing stands is a table of its own: see `putWords`. */
export async function createWordRows(db: Knex): Promise<void> {
	await db.schema.createTable('word_rows', (t) => {
		t.string('word_table').notNullable();
		t.string('id').notNullable();
		t.integer('row').notNullable();
		t.primary(['word_table', 'id']);
	});
	await db.raw(
		`INSERT INTO word_rows (word_table, id, row) SELECT 'configuration_search', id, rowid FROM configuration_search`
	);
}

/** The words in the index of vehicles are a table of their own. */
export async function createVocabulary(db: Knex): Promise<void> {
	await db.raw(`CREATE VIRTUAL TABLE configuration_words USING fts5vocab(configuration_search, 'row')`);
}

/** Takes it down again. */
export async function dropVocabulary(db: Knex): Promise<void> {
	await db.schema.dropTable('configuration_words');
}

/**
 * Writes an index of words anew, with the beginnings of words in it up to so many letters. Of a longer beginning everything that has it is put
 * together before anything is answered, also when another word leaves little of it.
 */
export async function indexBeginnings(db: Knex, table: WordTable, letters: number): Promise<void> {
	const lengths = Array.from({ length: letters }, (_, i) => i + 1).join(' ');
	const anew = `${table}_anew`;
	await db.raw(`CREATE VIRTUAL TABLE ${anew} USING fts5(id UNINDEXED, words, prefix='${lengths}')`);
	await db.raw(`INSERT INTO ${anew} (rowid, id, words) SELECT rowid, id, words FROM ${table}`);
	await db.schema.dropTable(table);
	await db.raw(`ALTER TABLE ${anew} RENAME TO ${table}`);
}

/** A query for words that each may be unfinished, and may each be meant in several ways. Quotes inside a word are doubled, so no word is an operator. */
function prefixQuery(typed: Typed): string {
	const either = (words: readonly string[]) => words.map((word) => `"${word.replaceAll('"', '""')}"*`).join(' OR ');
	return typed.map((words) => `(${either(words)})`).join(' AND ');
}

/** Ids of the rows that hold every word. */
export const idsWith = (db: Knex, table: WordTable, typed: Typed): Knex.QueryBuilder =>
	db(table)
		.whereRaw(`${table} MATCH ?`, [prefixQuery(typed)])
		.select('id');

/** By how much the words that were asked for are of all that a thing is found by. */
export const bestFirst = (query: Knex.QueryBuilder): Knex.QueryBuilder => query.orderByRaw('rank, id');

/** Every word. */
export async function everyWord(db: Knex): Promise<string[]> {
	const rows: { term: string }[] = await db('configuration_words').select('term');
	return rows.map(({ term }) => term);
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
