import type { Tx } from './tx';
import type { Row } from './engine';
import { engineOf } from './engines';

export type { Row } from './engine';

/**
 * Writes many rows at once: an import holds everybody's right to write for as short as it can.
 * @param key columns by which a row takes the place of one that is there; without it every row is new
 */
export const writeRows = (
	tx: Tx,
	target: { table: string; key?: readonly string[] },
	rows: readonly Row[]
): Promise<void> => engineOf(tx).writeRows(tx, target, rows);

/** Adds rows to a table that numbers them; gives the number of the last one, null where there are none. */
export const addNumbered = (
	tx: Tx,
	target: { table: string; column: string },
	rows: readonly Row[]
): Promise<number | null> => engineOf(tx).addNumbered(tx, target, rows);

/** Changes the other columns of the rows that have a key; of one that is not there nothing is written. */
export const updateRows = (tx: Tx, target: { table: string; key: string }, rows: readonly Row[]): Promise<void> =>
	engineOf(tx).updateRows(tx, target, rows);

/** Removes the rows whose column has one of many values. */
export const removeRows = (
	tx: Tx,
	target: { table: string; column: string },
	values: readonly string[]
): Promise<void> => engineOf(tx).removeRows(tx, target, values);
