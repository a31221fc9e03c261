import type { Knex } from 'knex';
import { engineOf } from '../../src/lib/server/db/engines';
import { WORD_TABLES } from '../../src/lib/server/db/text-search';

/** Names of all tables with data, whatever the engine keeps beside them. */
async function tablesOf(db: Knex): Promise<string[]> {
	const query =
		engineOf(db).client === 'pg'
			? db('pg_tables').whereRaw('schemaname = current_schema()').select({ name: 'tablename' })
			: db('sqlite_master').where({ type: 'table' }).select('name');
	const rows: { name: string }[] = await query.orderBy('name');
	const inner = /^(sqlite|knex|configuration_|stock_search)|^(word_rows|job_takers|rate_limits)$/;
	return rows.map(({ name }) => name).filter((name) => !inner.test(name));
}

/** Everything in a database, table by table and row by row, as text: equal text, equal database, whatever engine it is on. */
export async function dumpOf(db: Knex): Promise<string> {
	const part = async (name: string, columns: string[]) => {
		const rows: object[] = await db(name).select(columns);
		// One engine has no truth of its own and keeps 0 and 1.
		const bare = (cell: unknown) => (typeof cell === 'boolean' ? Number(cell) : cell);
		const lines = rows.map((row) =>
			JSON.stringify(
				Object.fromEntries(
					Object.entries(row)
						.map(([column, cell]) => [column, bare(cell)] as const)
						.sort()
				)
			)
		);
		return `${name}\n${lines.sort().join('\n')}`;
	};
	const parts: string[] = [];
	for (const name of await tablesOf(db)) parts.push(await part(name, ['*']));
	for (const name of WORD_TABLES) parts.push(await part(name, ['id', 'words']));
	return parts.join('\n');
}
