import type { Knex } from 'knex';
import type { Tx } from '../change';
import type { Typed, WordRow, WordTable } from '../engine';
import { plainWords } from '../plain-words';

/** Words of things as lexemes (`tsvector`), just as they are: no stems, no language. How many there are stands beside them. */
export async function createWordTable(db: Knex, table: WordTable): Promise<void> {
	await db.raw(
		`CREATE TABLE ${table} (id text PRIMARY KEY, words text NOT NULL, length integer NOT NULL, lexemes tsvector NOT NULL)`
	);
	await db.raw(`CREATE INDEX ${table}_lexemes ON ${table} USING gin (lexemes)`);
}

/** A lexeme as a query writes it. */
const quoted = (word: string) => `'${word.replaceAll('\\', '\\\\').replaceAll("'", "''")}'`;

/** A query for words that each may be unfinished, and may each be meant in several ways. */
const prefixQuery = (typed: Typed): string =>
	typed.map((words) => `(${words.map((word) => `${quoted(word)}:*`).join(' | ')})`).join(' & ');

/** Ids of the rows that hold every word. */
export const idsWith = (db: Knex, table: WordTable, typed: Typed): Knex.QueryBuilder =>
	db(table)
		.whereRaw('lexemes @@ ?::tsquery', [prefixQuery(typed)])
		.select('id');

/** By how much the words that were asked for are of all that a thing is found by. */
export const bestFirst = (query: Knex.QueryBuilder): Knex.QueryBuilder => query.orderBy('length').orderBy('id');

/** True when some word begins with what is typed. */
export async function beginsAWord(db: Knex, typed: string): Promise<boolean> {
	return (await idsWith(db, 'configuration_search', [[typed]]).first()) !== undefined;
}

/** Every word. */
export async function everyWord(db: Knex): Promise<string[]> {
	const { rows }: { rows: { word: string }[] } = await db.raw(
		"SELECT word FROM ts_stat('SELECT lexemes FROM configuration_search')"
	);
	return rows.map(({ word }) => word);
}

/** Rows that are written by one statement. */
const AT_ONCE = 2000;

/** Writes what things are found by. */
export async function putWords(tx: Tx, table: WordTable, rows: readonly WordRow[]): Promise<void> {
	const last = [...new Map(rows.map((row) => [row.id, row])).values()];
	for (let at = 0; at < last.length; at += AT_ONCE) {
		const part = last.slice(at, at + AT_ONCE).map(({ id, words }) => {
			const plain = plainWords([words]);
			return { id, words, length: plain.length, lexemes: [...new Set(plain)] };
		});
		await tx.raw(
			`INSERT INTO ${table} (id, words, length, lexemes)
			SELECT row->>'id', row->>'words', (row->>'length')::integer, array_to_tsvector(ARRAY(SELECT jsonb_array_elements_text(row->'lexemes')))
			FROM jsonb_array_elements(?::jsonb) AS row
			ON CONFLICT (id) DO UPDATE SET words = excluded.words, length = excluded.length, lexemes = excluded.lexemes`,
			[JSON.stringify(part)]
		);
	}
}

/** Takes out what things are found by. */
export async function dropWords(tx: Tx, table: WordTable, ids: readonly string[]): Promise<void> {
	await tx(table)
		.whereRaw('id = ANY(?)', [[...ids]])
		.delete();
}
