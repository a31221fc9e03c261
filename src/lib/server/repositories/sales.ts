import type { Knex } from 'knex';
import type { Sale, SaleState } from '../../core/sale';
import { ofBranch } from '../db/branch';
import { writeRows } from '../db/bulk';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';

interface Row {
	document: string;
}

const read = ({ document }: Row): Sale => ({ branch: null, ...(JSON.parse(document) as Omit<Sale, 'branch'>) });

/** A sale; null when it is not there. */
export async function findSale(db: Knex, id: string): Promise<Sale | null> {
	const row: Row | undefined = await db('sales').where({ id }).first('document');
	return row ? read(row) : null;
}

/** Sales of where the database is seen from, in some states, the newest first, some of them; and how many there are. */
export async function listSales(
	db: Knex,
	{ states, kit, from, most }: { states?: readonly SaleState[]; kit?: string; from: number; most: number }
): Promise<{ sales: Sale[]; total: number }> {
	const matching = () => {
		const query = db('sales').where(ofBranch(db, 'sales'));
		if (states) void query.whereIn('state', states);
		if (kit !== undefined) void query.where({ kit_id: kit });
		return query;
	};
	const [count] = await matching().count({ n: '*' });
	const rows: Row[] = await matching()
		.orderBy([
			{ column: 'quoted_on', order: 'desc' },
			{ column: 'id', order: 'desc' }
		])
		.offset(from)
		.limit(most)
		.select('document');
	return { sales: rows.map(read), total: Number(count?.n ?? 0) };
}

/** Writes a sale whole. */
export async function putSale(tx: Tx, sale: Sale): Promise<void> {
	await writeRows(tx, { table: 'sales', key: ['id'] }, [
		{
			id: sale.id,
			state: sale.state,
			kit_id: sale.kit,
			branch_id: sale.branch,
			code: sale.code,
			configuration_id: sale.configuration,
			reserved_until: sale.reservedUntil,
			quoted_on: sale.quotedOn,
			document: JSON.stringify(sale)
		}
	]);
	await writeRows(
		tx,
		{ table: 'sale_packs', key: ['sale_id', 'sku'] },
		sale.lines.map(({ sku, packs }) => ({ sale_id: sale.id, sku, packs }))
	);
}

/** Packs that are kept for sales on a day where the database is seen from, of those sales that are asked for. */
async function promisedOn(
	db: Knex,
	today: string,
	asked: (query: Knex.QueryBuilder) => void
): Promise<{ sku: string; packs: number }[]> {
	const rows: { sku: string; packs: number | string }[] = await db('sale_packs')
		.join('sales', 'sales.id', 'sale_packs.sale_id')
		.whereIn('sales.state', ['quoted', 'ordered'])
		.where('sales.reserved_until', '>=', today)
		.where(ofBranch(db, 'sales'))
		.where(asked)
		.groupBy('sale_packs.sku')
		.select('sale_packs.sku')
		.sum({ packs: 'sale_packs.packs' });
	return rows.map(({ sku, packs }) => ({ sku, packs: Number(packs) }));
}

/** Packs that are kept for sales on a day where the database is seen from, by number; those of one sale may be left out. */
export async function promisedPacks(
	db: Knex,
	skus: readonly string[],
	{ today, but = '' }: { today: string; but?: string }
): Promise<Map<string, number>> {
	const rows = await inParts(skus, (part) =>
		promisedOn(db, today, (query) => void query.whereIn('sale_packs.sku', part).whereNot('sales.id', but))
	);
	return new Map(rows.map(({ sku, packs }) => [sku, packs]));
}

/** All packs that are kept for sales on a day where the database is seen from, by number; those of the sales of one kit may be left out. */
export async function everyPackPromised(
	db: Knex,
	{ today, butOf = '' }: { today: string; butOf?: string | undefined }
): Promise<Record<string, number>> {
	const rows = await promisedOn(db, today, (query) => void query.whereNot('sales.kit_id', butOf));
	return Object.fromEntries(rows.map(({ sku, packs }) => [sku, packs]));
}

/** What is kept of a customer: a name or a number, and the day they agreed to it. */
export interface SaleCustomer {
	name: string;
	agreedOn: string;
}

/** Customers of sales, by the sale; those of whom nothing is kept are not in it. */
export async function customersOf(db: Knex, sales: readonly string[]): Promise<Map<string, SaleCustomer>> {
	const rows = await inParts<string, { sale_id: string; name: string; agreed_on: string }>(sales, (part) =>
		db('sale_customers').whereIn('sale_id', part)
	);
	return new Map(rows.map(({ sale_id, name, agreed_on }) => [sale_id, { name, agreedOn: agreed_on }]));
}

/** Notes who a sale is for. */
export const putCustomer = (tx: Tx, sale: string, { name, agreedOn }: SaleCustomer): Promise<void> =>
	writeRows(tx, { table: 'sale_customers', key: ['sale_id'] }, [{ sale_id: sale, name, agreed_on: agreedOn }]);

/** Forgets who a sale was for. */
export async function forgetCustomer(tx: Tx, sale: string): Promise<void> {
	await tx('sale_customers').where({ sale_id: sale }).delete();
}
