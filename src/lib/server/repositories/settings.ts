import type { Knex } from 'knex';
import type { Tx } from '../db/change';

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

const DATA_VERSION = 'data-version';
const CATALOGUE_VERSION = 'catalogue-version';

async function version(db: Knex, key: string): Promise<number> {
	return ((await readSetting(db, key)) as number | undefined) ?? 0;
}

/** A number that grows with every change of the shop's data; answers made under an older one may be out of date. */
export function dataVersion(db: Knex): Promise<number> {
	return version(db, DATA_VERSION);
}

/** A number that grows with every change of products, accessories and policy; a change of a vehicle leaves it alone. */
export function catalogueVersion(db: Knex): Promise<number> {
	return version(db, CATALOGUE_VERSION);
}

/** Marks a change of data; called once in the transaction that makes it. */
export async function bumpDataVersion(db: Tx): Promise<void> {
	await writeSetting(db, DATA_VERSION, (await dataVersion(db)) + 1);
}

/** Marks a change of products, accessories or policy, which is a change of data as well. */
export async function bumpCatalogueVersion(db: Tx): Promise<void> {
	await writeSetting(db, CATALOGUE_VERSION, (await catalogueVersion(db)) + 1);
	await bumpDataVersion(db);
}
