import type { Knex } from 'knex';
import { z } from 'zod';
import { err, ok, type Result } from '../../core/result';
import { writeRows, type Row } from '../db/bulk';
import { change } from '../db/change';
import { MIGRATIONS } from '../db/migrations';
import { exportAll } from './exchange';

/** Everything a shop keeps, in the order in which rows may point at one another. Sessions and passwords are no data of the shop. */
const TABLES = [
	'units',
	'configurations',
	'configuration_search',
	'unit_uses',
	'open_questions',
	'products',
	'product_fits',
	'accessories',
	'kits',
	'kit_revisions',
	'records',
	'settings',
	'heading_maps',
	'merged_configurations',
	'events'
] as const;

const cell = z.union([z.string(), z.number(), z.null()]);
const complete = z.object({
	version: z.string(),
	tables: z.partialRecord(z.enum(TABLES), z.array(z.record(z.string(), cell)))
});

/** What a complete export holds beside the document. */
export type Complete = z.infer<typeof complete>;

/** Everything the shop has, with histories, settings, merges and what suppliers call their columns: it comes back equal. */
export async function exportComplete(db: Knex): Promise<Record<string, unknown>> {
	const tables: Record<string, unknown> = {};
	for (const table of TABLES)
		tables[table] = await db(table).orderBy(table === 'configuration_search' ? 'id' : db.raw('1'));
	return { ...(await exportAll(db)), complete: { version: MIGRATIONS.at(-1), tables } };
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
export function importComplete(db: Knex, { tables }: Complete): Promise<Result<{ rows: number }, string>> {
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
			await writeRows(tx, { table }, own);
			rows += own.length;
		}
		return ok({ rows });
	});
}
