import type { Knex } from 'knex';
import { writeRows } from '../db/bulk';
import { numberOf, type Tx } from '../db/change';

/**
 * A mark is the number of the change in which something was written last. It only grows, whoever writes, so whatever was worked out from rows
 * is still right as long as none of them carries a higher one.
 */
export const markOf = (tx: Tx): number => numberOf(tx);

/** How many changes there have been. */
export async function changesSoFar(db: Knex): Promise<number> {
	const row: { number: number } | undefined = await db('writes').first('number');
	return row?.number ?? 0;
}

/** Marks lamp categories whose products were changed. */
export async function markShelves(tx: Tx, categories: Iterable<string>): Promise<void> {
	const mark = markOf(tx);
	const rows = [...new Set(categories)].map((category) => ({ category, mark }));
	await writeRows(tx, { table: 'shelf_marks', key: ['category'] }, rows);
}

/** Marks of lamp categories; those that never had a product are not in it. */
export async function shelfMarks(db: Knex, categories: readonly string[]): Promise<Map<string, number>> {
	const rows: { category: string; mark: number }[] = await db('shelf_marks').whereIn('category', categories);
	return new Map(rows.map(({ category, mark }) => [category, mark]));
}

/** The highest mark among rows of a table with some ids; 0 where there are none. */
export async function highestMark(
	db: Knex,
	table: 'configurations' | 'products' | 'accessories',
	ids?: readonly string[]
): Promise<number> {
	const query = db(table).max({ mark: 'mark' });
	if (ids !== undefined) void query.whereIn('id', ids);
	const [row] = (await query) as { mark: number | null }[];
	return row?.mark ?? 0;
}
