import type { Knex } from 'knex';
import type { Sale } from '../../core/sale';
import { ofBranch } from '../db/branch';

/** Packs of a number that went to customers. */
const OUT = ['picked', 'handed-over', 'returned'];

/** Packs that went out in sales since a day, by number, without those that came back. */
export async function packsSold(db: Knex, since: string): Promise<Map<string, number>> {
	const rows: { document: string }[] = await db('sales')
		.whereIn('state', OUT)
		.where('quoted_on', '>=', since)
		.where(ofBranch(db, 'sales'))
		.select('document');
	const sold = new Map<string, number>();
	for (const { document } of rows)
		for (const { sku, packs, returned } of (JSON.parse(document) as Sale).lines)
			sold.set(sku, (sold.get(sku) ?? 0) + packs - returned);
	return sold;
}

/** Lamps of each product that were fitted since a day. */
export async function lampsFitted(db: Knex, since: string): Promise<Map<string, number>> {
	const rows: { product_id: string; n: number }[] = await db('fitted_lamps')
		.join('fittings', 'fittings.id', 'fitted_lamps.fitting_id')
		.where(ofBranch(db, 'fittings'))
		.where('fitted_on', '>=', since)
		.groupBy('product_id')
		.select('product_id')
		.count({ n: '*' });
	return new Map(rows.map(({ product_id, n }) => [product_id, Number(n)]));
}
