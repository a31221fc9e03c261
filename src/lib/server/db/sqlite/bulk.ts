import type { Cell, Row } from '../engine';
import type { Tx } from '../tx';

/** A prepared statement. */
interface Statement {
	run: (...cells: Cell[]) => { lastInsertRowid: number | bigint };
	get: (...cells: Cell[]) => unknown;
}

interface Connection {
	prepare: (sql: string) => Statement;
}

/** A statement on the connection of a change, prepared once for many rows. */
export async function statementOn(tx: Tx, sql: string): Promise<Statement> {
	return ((await tx.client.acquireConnection()) as Connection).prepare(sql);
}

/** A name of a table or column, as SQL. */
const named = (name: string) => `"${name}"`;

/** Writes many rows by one prepared statement. */
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

/** Changes the other columns of the rows that have a key. */
export async function updateRows(
	tx: Tx,
	{ table, key }: { table: string; key: string },
	rows: readonly Row[]
): Promise<void> {
	const [first] = rows;
	if (!first) return;
	const columns = Object.keys(first).filter((column) => column !== key);
	const sets = columns.map((column) => `${named(column)} = ?`).join(', ');
	const statement = await statementOn(tx, `UPDATE ${named(table)} SET ${sets} WHERE ${named(key)} = ?`);
	for (const row of rows) statement.run(...[...columns, key].map((column) => row[column] ?? null));
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
