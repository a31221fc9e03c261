import type { Knex } from 'knex';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';
import { touchProduct } from './products';

/** Lists of a document that are kept as they come until a stage of the work reads them. */
export const RECORD_LISTS = ['proofs', 'readings'] as const;
export type RecordList = (typeof RECORD_LISTS)[number];

/** Records of a list, in the order they came. */
export async function listRecords(db: Knex, list: RecordList): Promise<Record<string, unknown>[]> {
	const rows: { document: string }[] = await db('records').where({ list }).orderBy('id');
	return rows.map((row) => JSON.parse(row.document));
}

/** Records of a list about some products, in the order they came. */
export async function recordsAbout(
	db: Knex,
	list: RecordList,
	products: readonly string[]
): Promise<Record<string, unknown>[]> {
	const found = await inParts<string, { id: number; document: string }>(products, (part) =>
		db('records').where({ list }).whereIn('about', part)
	);
	return found.sort((a, b) => a.id - b.id).map((row) => JSON.parse(row.document));
}

/** Adds a record unless the very same one is there; the product it is about is judged anew. */
export async function addRecord(tx: Tx, list: RecordList, document: object): Promise<void> {
	const about = (document as { product?: string }).product ?? '';
	await tx('records')
		.insert({ list, about, document: JSON.stringify(document) })
		.onConflict(['list', 'document'])
		.ignore();
	if (about !== '') await touchProduct(tx, about);
}
