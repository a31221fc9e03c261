import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type { Complaint, ComplaintState } from '../../core/model';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';
import { touchProduct } from './products';

/** A complaint as it is kept: with its number, and where it stands. */
export type StoredComplaint = Complaint & { id: string; state: ComplaintState };

interface Row {
	document: string;
}

const parsed = (rows: readonly Row[]): StoredComplaint[] => rows.map(({ document }) => JSON.parse(document));

/** The number of a complaint that came without one: the same words have the same. */
export function complaintId(complaint: Complaint): string {
	if (complaint.id !== undefined) return String(complaint.id);
	return `C${createHash('sha256').update(JSON.stringify(complaint)).digest('hex').slice(0, 9).toUpperCase()}`;
}

/** A complaint as a file holds it, with what this shop keeps beside it. */
export const storedFrom = (complaint: Complaint): StoredComplaint => ({
	...complaint,
	id: complaintId(complaint),
	state: complaint.state ?? (complaint.settled === undefined ? 'open' : 'settled')
});

/** A complaint; null when it is not there. */
export async function findComplaint(db: Knex, id: string): Promise<StoredComplaint | null> {
	const row: Row | undefined = await db('complaints').where({ id }).first('document');
	return row ? JSON.parse(row.document) : null;
}

/** Complaints in some states, the last filed first. */
export async function complaintsIn(
	db: Knex,
	states: readonly ComplaintState[],
	most: number
): Promise<StoredComplaint[]> {
	return parsed(
		await db('complaints')
			.whereIn('state', states)
			.orderBy([{ column: 'filed_on', order: 'desc' }, 'id'])
			.limit(most)
			.select('document')
	);
}

/** How many complaints stand in each state. */
export async function countComplaints(db: Knex): Promise<Record<ComplaintState, number>> {
	const rows: { state: ComplaintState; n: number }[] = await db('complaints')
		.groupBy('state')
		.select('state')
		.count({ n: '*' });
	const counts = { unread: 0, open: 0, settled: 0, 'set-aside': 0 };
	for (const { state, n } of rows) counts[state] = Number(n);
	return counts;
}

/** Complaints about a vehicle, the last filed first. */
export async function complaintsOf(db: Knex, configurationId: string): Promise<StoredComplaint[]> {
	return parsed(
		await db('complaints')
			.where({ configuration_id: configurationId })
			.orderBy([{ column: 'filed_on', order: 'desc' }, 'id'])
			.select('document')
	);
}

/** Complaints about some products, the first filed first. */
export async function complaintsAbout(db: Knex, products: readonly string[]): Promise<StoredComplaint[]> {
	const rows = await inParts<string, Row & { filed_on: string; id: string }>(products, (part) =>
		db('complaints').whereIn('product_id', part).select('document', 'filed_on', 'id')
	);
	return parsed(rows.sort((a, b) => a.filed_on.localeCompare(b.filed_on) || a.id.localeCompare(b.id)));
}

/** How many open complaints there are about each of some products; those without any are not in it. */
export async function openComplaints(db: Knex, products: readonly string[]): Promise<Map<string, number>> {
	const rows = await inParts<string, { product_id: string; n: number }>(products, (part) =>
		db('complaints')
			.where({ state: 'open' })
			.whereIn('product_id', part)
			.groupBy('product_id')
			.select('product_id')
			.count({ n: '*' })
	);
	return new Map(rows.map(({ product_id, n }) => [product_id, Number(n)]));
}

/** Complaints about lamps of some fittings. */
export async function complaintsOfFittings(db: Knex, fittings: readonly string[]): Promise<StoredComplaint[]> {
	return parsed(
		await inParts<string, Row>(fittings, (part) => db('complaints').whereIn('fitting_id', part).select('document'))
	);
}

/** Complaints that name the code of a kit. */
export async function complaintsByCode(db: Knex, code: string): Promise<StoredComplaint[]> {
	return parsed(await db('complaints').where({ code }).select('document'));
}

/** Causes of all settled complaints, each with its product. */
export async function settledCauses(db: Knex): Promise<{ cause: string; product?: string | undefined }[]> {
	const settled = parsed(await db('complaints').where({ state: 'settled' }).select('document'));
	return settled.flatMap(({ cause, product }) => (cause === undefined ? [] : [{ cause, product }]));
}

/** Complaints filed or settled between two days, the first one counted, the last not. */
export async function complaintsBetween(db: Knex, from: string, to: string): Promise<StoredComplaint[]> {
	const rows: Row[] = await db('complaints')
		.where((q) => q.where('filed_on', '>=', from).andWhere('filed_on', '<', to))
		.orWhere((q) => q.where('settled_on', '>=', from).andWhere('settled_on', '<', to))
		.orderBy(['filed_on', 'id'])
		.select('document');
	return parsed(rows);
}

/** Every complaint. For exports: pages ask for what they show. */
export async function everyComplaint(db: Knex): Promise<StoredComplaint[]> {
	return parsed(await db('complaints').orderBy(['filed_on', 'id']).select('document'));
}

/** Writes a complaint, new or whole; the product it is about is judged anew. */
export async function putComplaint(tx: Tx, complaint: StoredComplaint): Promise<void> {
	const former = await findComplaint(tx, complaint.id);
	await tx('complaints')
		.insert({
			id: complaint.id,
			state: complaint.state,
			configuration_id: complaint.configuration ?? null,
			product_id: complaint.product ?? null,
			code: complaint.code ?? null,
			fitting_id: complaint.fitting ?? null,
			filed_on: complaint.on ?? '',
			settled_on: complaint.settledOn ?? null,
			document: JSON.stringify(complaint)
		})
		.onConflict('id')
		.merge();
	for (const product of new Set([complaint.product, former?.product])) if (product) await touchProduct(tx, product);
}

/** Gives the complaints of a vehicle to another one. */
export async function moveComplaints(tx: Tx, { from, to }: { from: string; to: string }): Promise<void> {
	for (const complaint of await complaintsOf(tx, from)) await putComplaint(tx, { ...complaint, configuration: to });
}
