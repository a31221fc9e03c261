import type { Knex } from 'knex';
import type { Tx } from '../tx';
import type { Typed, WordRow, WordTable } from '../engine';
import { plainWords } from '../plain-words';

/** Words of things as lexemes (`tsvector`), just as they are: no stems, no language. */
export async function createWordTable(db: Knex, table: WordTable): Promise<void> {
	await db.raw(`CREATE TABLE ${table} (id text PRIMARY KEY, words text NOT NULL, lexemes tsvector NOT NULL)`);
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

/** How a rank takes the length of what it looks at: divided by one and its logarithm. */
const BY_LENGTH = 1;

/** By how often the words that were asked for stand in what a thing is found by, and how much else does. */
export const bestFirst = (query: Knex.QueryBuilder, typed: Typed): Knex.QueryBuilder =>
	query.orderByRaw('ts_rank(lexemes, ?::tsquery, ?) DESC, id', [prefixQuery(typed), BY_LENGTH]);

/** Every word. */
export async function everyWord(db: Knex): Promise<string[]> {
	const { rows }: { rows: { word: string }[] } = await db.raw(
		"SELECT word FROM ts_stat('SELECT lexemes FROM configuration_search')"
	);
	return rows.map(({ word }) => word);
}

/** Words as lexemes with their places. */
function lexemesOf(words: string): string {
	const places = new Map<string, number[]>();
	for (const [i, word] of plainWords([words]).entries()) places.set(word, [...(places.get(word) ?? []), i + 1]);
	return [...places].map(([word, at]) => `${quoted(word)}:${at.join()}`).join(' ');
}

/** Rows that are written by one statement. */
const AT_ONCE = 2000;

/** Writes what things are found by. */
export async function putWords(tx: Tx, table: WordTable, rows: readonly WordRow[]): Promise<void> {
	const last = [...new Map(rows.map((row) => [row.id, row])).values()];
	for (let at = 0; at < last.length; at += AT_ONCE) {
		const part = last.slice(at, at + AT_ONCE).map(({ id, words }) => ({ id, words, lexemes: lexemesOf(words) }));
		await tx.raw(
			`INSERT INTO ${table} (id, words, lexemes)
			SELECT row->>'id', row->>'words', (row->>'lexemes')::tsvector FROM jsonb_array_elements(?::jsonb) AS row
			ON CONFLICT (id) DO UPDATE SET words = excluded.words, lexemes = excluded.lexemes`,
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
