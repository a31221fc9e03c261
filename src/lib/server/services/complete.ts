import type { Knex } from 'knex';
import { z } from 'zod';
import { err, ok, type Result } from '../../core/result';
import { writeRows, type Row } from '../db/bulk';
import { change } from '../db/change';
import { putWords, type WordRow } from '../db/text-search';
import { MIGRATIONS } from '../db/migrations';
import { changesSoFar } from '../repositories/marks';
import { exportAll } from './exchange';

/**
 * Everything a shop keeps, in the order in which rows may point at one another. Sessions and passwords are no data of the shop, nor is what was
 * worked out; who customers are stays here.
 */
const TABLES = [
	'units',
	'configurations',
	'configuration_search',
	'unit_uses',
	'open_questions',
	'products',
	'product_fits',
	'accessories',
	'stock_search',
	'packs',
	'shelf_marks',
	'kits',
	'kit_revisions',
	'kit_items',
	'kit_also',
	'fittings',
	'fitting_marks',
	'pictures',
	'proofs',
	'proof_products',
	'complaints',
	'fitted_lamps',
	'follow_ups',
	'sales',
	'sale_packs',
	'demand',
	'records',
	'settings',
	'heading_maps',
	'merged_configurations',
	'events'
] as const;

/** What rows of a table are put in order by, where it is not their id. */
const ORDER: Partial<Record<(typeof TABLES)[number], string>> = {
	unit_uses: 'unit_id',
	open_questions: 'configuration_id',
	product_fits: 'product_id',
	packs: 'sku',
	shelf_marks: 'category',
	kit_revisions: 'code',
	kit_items: 'kit_id',
	kit_also: 'kit_id',
	pictures: 'hash',
	proof_products: 'proof_id',
	fitted_lamps: 'fitting_id',
	sale_packs: 'sale_id',
	demand: 'configuration_id',
	settings: 'key',
	heading_maps: 'supplier'
};

const cell = z.union([z.string(), z.number(), z.null()]);
const complete = z.object({
	version: z.string(),
	/** How many changes there have been: marks count on from there. */
	changes: z.number().int().nonnegative().default(0),
	tables: z.partialRecord(z.enum(TABLES), z.array(z.record(z.string(), cell)))
});

/** What a complete export holds beside the document. */
export type Complete = z.infer<typeof complete>;

/** Everything the shop has, with histories, settings, merges and what suppliers call their columns: it comes back equal. */
export async function exportComplete(db: Knex): Promise<Record<string, unknown>> {
	const tables: Record<string, unknown> = {};
	for (const table of TABLES)
		tables[table] = await db(table)
			.select('*')
			.orderBy(ORDER[table] ?? 'id');
	return {
		...(await exportAll(db)),
		complete: { version: MIGRATIONS.at(-1), changes: await changesSoFar(db), tables }
	};
}

/** The complete part of a document; null when it is an ordinary one. */
export function completeIn(document: unknown): Result<Complete, string> | null {
	const part = (document as { complete?: unknown } | null)?.complete;
	if (part === undefined) return null;
	const read = complete.safeParse(part);
	if (!read.success) return err('The complete part of this file cannot be read. Nothing was changed.');
	return MIGRATIONS.includes(read.data.version)
		? ok(read.data)
		: err(`This file was written by a newer Rotalux (${read.data.version}). Nothing was changed.`);
}

/** Takes a complete export in, into a database that holds nothing yet. */
export function importComplete(db: Knex, { tables, changes }: Complete): Promise<Result<{ rows: number }, string>> {
	return change(db, async (tx) => {
		for (const table of TABLES) {
			const [there] = await tx(table).count({ n: '*' });
			if (Number(there?.n ?? 0) > 0)
				return err(
					'A complete export goes into a folder that holds nothing yet. Nothing was changed; point ROTALUX_DATA at an empty one.'
				);
		}
		let rows = 0;
		for (const table of TABLES) {
			const own = (tables[table] ?? []) as Row[];
			if (table === 'configuration_search' || table === 'stock_search')
				await putWords(tx, table, own as unknown as WordRow[]);
			else await writeRows(tx, { table }, own);
			rows += own.length;
		}
		await tx('writes').update({ number: Math.max(changes, await changesSoFar(tx)) });
		return ok({ rows });
	});
}
