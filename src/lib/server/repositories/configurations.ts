import type { Knex } from 'knex';
import type { Configuration } from '../../core/exchange';

interface Row {
	id: string;
	make: string;
	model: string;
	kind: string;
	document: string;
}

const read = (row: Pick<Row, 'document'>): Configuration => JSON.parse(row.document);

/** All configurations, by make, model and id. */
export async function listConfigurations(db: Knex): Promise<Configuration[]> {
	const rows: Row[] = await db('configurations').orderBy(['make', 'model', 'id']);
	return rows.map(read);
}

/** One configuration, or null. */
export async function findConfiguration(db: Knex, id: string): Promise<Configuration | null> {
	const row = await db('configurations').where({ id }).first('document');
	return row ? read(row) : null;
}

function words(c: Configuration): string {
	const years = c.years ? Array.from({ length: c.years[1] - c.years[0] + 1 }, (_, i) => (c.years?.[0] ?? 0) + i) : [];
	return [c.make, c.model, c.generation, c.body, c.kind, ...years].filter(Boolean).join(' ');
}

/** Writes a configuration whole, new or in place of the one with its id, and what it is found by. */
export async function putConfiguration(db: Knex, c: Configuration): Promise<void> {
	const row: Row = { id: c.id, make: c.make, model: c.model, kind: c.kind, document: JSON.stringify(c) };
	await db('configurations').insert(row).onConflict('id').merge();
	await db('configuration_search').where({ id: c.id }).delete();
	await db('configuration_search').insert({ id: c.id, words: words(c) });
}

/** An FTS5 query for words that each may be unfinished. Quotes inside a word are doubled, so no word is an operator. */
function prefixQuery(typed: readonly string[]): string {
	return typed.map((word) => `"${word.replaceAll('"', '""')}"*`).join(' ');
}

/** Configurations that answer to every word typed, best first. */
export async function searchConfigurations(
	db: Knex,
	typed: readonly string[],
	limit: number
): Promise<Configuration[]> {
	if (typed.length === 0) return [];
	const rows: Row[] = await db('configuration_search')
		.join('configurations', 'configurations.id', 'configuration_search.id')
		.whereRaw('configuration_search MATCH ?', [prefixQuery(typed)])
		.orderByRaw('rank, configurations.id')
		.limit(limit)
		.select('configurations.document');
	return rows.map(read);
}

/** True when some configuration answers to a word, finished or not. */
export async function isVehicleWord(db: Knex, word: string): Promise<boolean> {
	const row = await db('configuration_search')
		.whereRaw('configuration_search MATCH ?', [prefixQuery([word])])
		.first('id');
	return row !== undefined;
}
