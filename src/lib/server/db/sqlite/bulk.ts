import type { Cell, Row } from '../engine';
import type { Tx } from '../tx';
import { inPlaceOf, named } from '../upsert';

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

/** Writes many rows by one prepared statement; gives where the last one lies. */
async function write(
	tx: Tx,
	{ table, key }: { table: string; key?: readonly string[] },
	rows: readonly Row[]
): Promise<number | null> {
	const [first] = rows;
	if (!first) return null;
	const columns = Object.keys(first);
	const sql = `INSERT INTO ${named(table)} (${columns.map(named).join(', ')}) VALUES (${columns.map(() => '?').join(', ')})${inPlaceOf(columns, key)}`;
	const statement = await statementOn(tx, sql);
	let last: number | bigint = 0;
	for (const row of rows) last = statement.run(...columns.map((column) => row[column] ?? null)).lastInsertRowid;
	return Number(last);
}

/** Writes many rows at once. */
export async function writeRows(...asked: Parameters<typeof write>): Promise<void> {
	await write(...asked);
}

/** Adds rows to a table whose numbers are where its rows lie. */
export const addNumbered = (
	tx: Tx,
	{ table }: { table: string; column: string },
	rows: readonly Row[]
): Promise<number | null> => write(tx, { table }, rows);

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
