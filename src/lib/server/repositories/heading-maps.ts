import type { Knex } from 'knex';
import type { Tx } from '../db/change';
import type { HeadingMap, SheetName } from '../../core/exchange';

/** How a supplier names the columns of a sheet, as it was mapped last; empty when never. */
export async function findHeadingMap(db: Knex, supplier: string, sheet: SheetName): Promise<HeadingMap> {
	const row = await db('heading_maps').where({ supplier, sheet }).first('map');
	return row ? JSON.parse(row.map) : {};
}

/** Remembers how a supplier names the columns of a sheet. */
export async function putHeadingMap(
	db: Tx,
	{ supplier, sheet, map }: { supplier: string; sheet: SheetName; map: HeadingMap }
): Promise<void> {
	await db('heading_maps')
		.insert({ supplier, sheet, map: JSON.stringify(map) })
		.onConflict(['supplier', 'sheet'])
		.merge();
}

/** Suppliers whose columns are remembered, by name. */
export async function listSuppliers(db: Knex): Promise<string[]> {
	const rows: { supplier: string }[] = await db('heading_maps').distinct('supplier').orderBy('supplier');
	return rows.map((row) => row.supplier);
}
