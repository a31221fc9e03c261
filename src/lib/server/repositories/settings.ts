import type { Knex } from 'knex';
import type { Tx } from '../db/change';
import { markOf } from './marks';

/** A setting, parsed; undefined when it was never set. */
export async function readSetting(db: Knex, key: string): Promise<unknown> {
	const row = await db('settings').where({ key }).first('value');
	return row === undefined ? undefined : JSON.parse(row.value);
}

/** Writes a setting. */
export async function writeSetting(db: Tx, key: string, value: unknown): Promise<void> {
	await db('settings')
		.insert({ key, value: JSON.stringify(value) })
		.onConflict('key')
		.merge();
}

/** All settings whose key starts with a prefix, without it. */
export async function readSettings(db: Knex, prefix: string): Promise<Record<string, unknown>> {
	const rows: { key: string; value: string }[] = await db('settings').whereLike('key', `${prefix}%`);
	return Object.fromEntries(rows.map((row) => [row.key.slice(prefix.length), JSON.parse(row.value)]));
}

/** What is marked as a whole: all that pages look at of it is read again when its mark has grown. */
export type MarkedWhole =
	/** Accessories, policy, assumptions and currency: all of the shop that matching needs beside products. */
	| 'shop'
	/** Policy and assumptions alone. */
	| 'policy'
	/** The words vehicles are found by. */
	| 'vehicles';

const key = (whole: MarkedWhole) => `mark:${whole}`;

/** The mark of the change in which something was changed last. */
export async function readMark(db: Knex, whole: MarkedWhole): Promise<number> {
	return ((await readSetting(db, key(whole))) as number | undefined) ?? 0;
}

/** Marks something as changed; called in the change that does it. */
export async function raiseMark(tx: Tx, ...wholes: readonly MarkedWhole[]): Promise<void> {
	const mark = markOf(tx);
	for (const whole of wholes) await writeSetting(tx, key(whole), mark);
}
