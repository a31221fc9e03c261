import type { Knex } from 'knex';
import type { Tx } from '../db/change';

/** Lists of a document that are kept as they come until a stage of the work reads them. */
export const RECORD_LISTS = ['proofs', 'readings', 'complaints'] as const;
export type RecordList = (typeof RECORD_LISTS)[number];

/** Records of a list, in the order they came. */
export async function listRecords(db: Knex, list: RecordList): Promise<Record<string, unknown>[]> {
	const rows: { document: string }[] = await db('records').where({ list }).orderBy('id');
	return rows.map((row) => JSON.parse(row.document));
}

/** Adds a record unless the very same one is there. */
export async function addRecord(db: Tx, list: RecordList, document: unknown): Promise<void> {
	await db('records')
		.insert({ list, document: JSON.stringify(document) })
		.onConflict(['list', 'document'])
		.ignore();
}
