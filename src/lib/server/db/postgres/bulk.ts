import type { Tx } from '../tx';
import { inPlaceOf, named } from '../upsert';
import type { Cell, Row } from '../engine';
import { keptText } from '../kept-text';

/** Characters of rows that one statement carries. */
const AT_ONCE = 8_000_000;

/** A cell as JSON carries it: text without what no text of this engine may hold (a zero, half a character), bytes as hexadecimals. */
function carried(cell: Cell): Cell {
	if (typeof cell === 'string') return keptText(cell);
	return cell instanceof Uint8Array ? `\\x${Buffer.from(cell).toString('hex')}` : cell;
}

/** Rows as JSON lists, each as long as one statement takes. */
function* listsOf(rows: readonly Row[]): Generator<string> {
	let [list, length] = [[] as string[], 0];
	for (const row of rows) {
		const text = JSON.stringify(Object.fromEntries(Object.entries(row).map(([name, cell]) => [name, carried(cell)])));
		list.push(text);
		length += text.length;
		if (length < AT_ONCE) continue;
		yield `[${list.join()}]`;
		[list, length] = [[], 0];
	}
	if (list.length > 0) yield `[${list.join()}]`;
}

/** The last row of each key: one statement may not write a row twice. */
const lastOf = (rows: readonly Row[], key: readonly string[]): Row[] => [
	...new Map(rows.map((row) => [JSON.stringify(key.map((column) => row[column])), row])).values()
];

/** Writes many rows by one statement: the table itself says of what types the cells are. Gives what the last of them returns. */
async function write(
	tx: Tx,
	{ table, end }: { table: string; end: (columns: readonly string[]) => string },
	rows: readonly Row[]
): Promise<Row | undefined> {
	const [first] = rows;
	if (!first) return undefined;
	const columns = Object.keys(first);
	const list = columns.map(named).join(', ');
	let last: Row | undefined;
	for (const part of listsOf(rows)) {
		const sql = `INSERT INTO ${named(table)} (${list}) SELECT ${list} FROM json_populate_recordset(NULL::${named(table)}, ?::json)${end(columns)}`;
		const written: { rows: Row[] } = await tx.raw(sql, [part]);
		last = written.rows.at(-1);
	}
	return last;
}

/** Writes many rows at once. */
export async function writeRows(
	tx: Tx,
	{ table, key }: { table: string; key?: readonly string[] },
	rows: readonly Row[]
): Promise<void> {
	await write(tx, { table, end: (columns) => inPlaceOf(columns, key) }, key ? lastOf(rows, key) : rows);
}

/** Adds rows to a table that numbers them in the order they come. */
export async function addNumbered(
	tx: Tx,
	{ table, column }: { table: string; column: string },
	rows: readonly Row[]
): Promise<number | null> {
	const last = await write(tx, { table, end: () => ` RETURNING ${named(column)}` }, rows);
	return last ? Number(last[column]) : null;
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
	const sets = columns.map((column) => `${named(column)} = other.${named(column)}`).join(', ');
	for (const part of listsOf(lastOf(rows, [key])))
		await tx.raw(
			`UPDATE ${named(table)} AS own SET ${sets} FROM json_populate_recordset(NULL::${named(table)}, ?::json) AS other WHERE own.${named(key)} = other.${named(key)}`,
			[part]
		);
}

/** Removes the rows whose column has one of many values. */
export async function removeRows(
	tx: Tx,
	{ table, column }: { table: string; column: string },
	values: readonly string[]
): Promise<void> {
	await tx(table)
		.whereRaw('?? = ANY(?)', [column, [...values]])
		.delete();
}

/** New rows get numbers above all that are there. */
export async function countOn(tx: Tx, table: string, column: string): Promise<void> {
	await tx.raw(
		`SELECT setval(pg_get_serial_sequence(?, ?), greatest(1, (SELECT max(??) FROM ??)), EXISTS (SELECT 1 FROM ??))`,
		[table, column, column, table, table]
	);
}
