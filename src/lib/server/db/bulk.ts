import type { Tx } from './change';

/** What SQLite keeps in a column. */
export type Cell = string | number | Uint8Array | null;
/** One row of a table, by column; every row of a write has the same columns. */
export type Row = Readonly<Record<string, Cell>>;

/** A prepared statement. */
interface Statement {
	run: (...cells: Cell[]) => { lastInsertRowid: number | bigint };
	get: (...cells: Cell[]) => unknown;
}

interface Connection {
	prepare: (sql: string) => Statement;
}

/** A statement of SQLite on the connection of a change, prepared once for many rows. */
export async function statementOn(tx: Tx, sql: string): Promise<Statement> {
	return ((await tx.client.acquireConnection()) as Connection).prepare(sql);
}

/** A name of a table or column, as SQL. */
const named = (name: string) => `"${name}"`;

/**
 * Writes many rows at once by one prepared statement: an import holds everybody's right to write for as short as it can.
 * @param key columns by which a row takes the place of one that is there; without it every row is new
 */
export async function writeRows(
	tx: Tx,
	{ table, key }: { table: string; key?: readonly string[] },
	rows: readonly Row[]
): Promise<void> {
	const [first] = rows;
	if (!first) return;
	const columns = Object.keys(first);
	const others = columns.filter((column) => !key?.includes(column));
	const replaced = others.map((column) => `${named(column)} = excluded.${named(column)}`).join(', ');
	const onConflict = key
		? ` ON CONFLICT (${key.map(named).join(', ')}) DO ${replaced ? `UPDATE SET ${replaced}` : 'NOTHING'}`
		: '';
	const sql = `INSERT INTO ${named(table)} (${columns.map(named).join(', ')}) VALUES (${columns.map(() => '?').join(', ')})${onConflict}`;
	const statement = await statementOn(tx, sql);
	for (const row of rows) statement.run(...columns.map((column) => row[column] ?? null));
}

/** Removes the rows whose column has one of many values. */
export async function removeRows(
	tx: Tx,
	{ table, column }: { table: string; column: string },
	values: readonly string[]
): Promise<void> {
	const statement = await statementOn(tx, `DELETE FROM ${named(table)} WHERE ${named(column)} = ?`);
	for (const value of values) statement.run(value);
}
