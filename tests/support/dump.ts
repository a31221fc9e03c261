import type { Knex } from 'knex';

/** Everything in a database, table by table and row by row, as text: equal text, equal database. */
export async function dumpOf(db: Knex): Promise<string> {
	const tables: { name: string }[] = await db('sqlite_master')
		.where({ type: 'table' })
		.whereNot('name', 'like', 'sqlite%')
		.whereNot('name', 'like', 'configuration_%')
		.whereNot('name', 'like', 'stock_search%')
		.whereNot('name', 'like', 'knex_%')
		// Where in an index a thing stands is no matter.
		.whereNot('name', 'word_rows')
		.orderBy('name')
		.select('name');
	const parts = [];
	for (const { name } of [...tables, { name: 'configuration_search' }, { name: 'stock_search' }])
		parts.push(`${name}\n${JSON.stringify(await db(name).orderByRaw('1'))}`);
	return parts.join('\n');
}
