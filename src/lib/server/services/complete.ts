import type { Knex } from 'knex';
import { z } from 'zod';
import { err, ok, type Result } from '../../core/result';
import { writeRows, type Row } from '../db/bulk';
import { change } from '../db/change';
import { engineOf } from '../db/engines';
import { COUNTED, TABLE_NAMES, TABLES, type TableName } from '../db/tables';
import { putWords, WORD_TABLES, type WordRow, type WordTable } from '../db/text-search';
import { MIGRATIONS } from '../db/migrations';
import { changesSoFar } from '../repositories/marks';
import { exportAll } from './exchange';

/** Sessions, passwords and tokens are no data of the shop, nor is what was worked out; who customers are stays here. What is practised is kept apart. */
const STAYS: ReadonlySet<TableName> = new Set([
	'accounts',
	'account_branches',
	'sessions',
	'bay_codes',
	'api_tokens',
	'webhooks',
	'messages',
	'flagged_kits',
	'sale_customers',
	'bulk_kits',
	'imports',
	'cover_state',
	'cover_views',
	'cover_traits',
	'cover_places',
	'cover_products',
	'cover_vehicles',
	'practice_answers',
	'practice_skills',
	'practice_consents',
	'practice_cases'
]);
const EXPORTED = TABLE_NAMES.filter((name) => !STAYS.has(name));

/** Tables of words are their ids and words; whatever else is in them the engine makes. */
const WORDS: ReadonlySet<string> = new Set(WORD_TABLES);

const cell = z.union([z.string(), z.number(), z.null()]);
const complete = z.object({
	version: z.string(),
	/** How many changes there have been: marks count on from there. */
	changes: z.number().int().nonnegative().default(0),
	tables: z.partialRecord(z.enum(EXPORTED), z.array(z.record(z.string(), cell)))
});

/** What a complete export holds beside the document. */
export type Complete = z.infer<typeof complete>;

/** Everything the shop has, with histories, settings, merges and what suppliers call their columns: it comes back equal. */
export async function exportComplete(db: Knex): Promise<Record<string, unknown>> {
	const tables: Record<string, unknown> = {};
	for (const table of EXPORTED)
		tables[table] = await db(table)
			.select(WORDS.has(table) ? ['id', 'words'] : '*')
			.orderBy([...TABLES[table]]);
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
		for (const table of EXPORTED) {
			const [there] = await tx(table).count({ n: '*' });
			if (Number(there?.n ?? 0) > 0)
				return err(
					'A complete export goes into a folder that holds nothing yet. Nothing was changed; point ROTALUX_DATA at an empty one.'
				);
		}
		let rows = 0;
		for (const table of EXPORTED) {
			const own = (tables[table] ?? []) as Row[];
			if (WORDS.has(table)) await putWords(tx, table as WordTable, own as unknown as WordRow[]);
			else await writeRows(tx, { table }, own);
			rows += own.length;
		}
		for (const [table, column] of COUNTED) await engineOf(tx).countOn(tx, table, column);
		await tx('writes').update({ number: Math.max(changes, await changesSoFar(tx)) });
		return ok({ rows });
	});
}
