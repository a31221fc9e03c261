import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import type { FollowUp } from '../../core/model';
import type { Tx } from '../db/change';
import { inParts } from '../db/in-parts';
import { touchProduct } from './products';

/** A follow-up as it is kept. */
export type StoredFollowUp = FollowUp & { id: string };

interface Row {
	document: string;
}

const parsed = (rows: readonly Row[]): StoredFollowUp[] => rows.map(({ document }) => JSON.parse(document));

/** A follow-up with a number: the one it came with, or one made from its words. */
export const numbered = (followUp: FollowUp): StoredFollowUp => ({
	...followUp,
	id: followUp.id ?? `F${createHash('sha256').update(JSON.stringify(followUp)).digest('hex').slice(0, 9).toUpperCase()}`
});

/** Months after which each fitting was asked after. */
export async function answeredMonths(db: Knex): Promise<Map<string, number[]>> {
	const rows: { fitting_id: string; months: number }[] = await db('follow_ups')
		.whereNotNull('fitting_id')
		.whereNotNull('months')
		.select('fitting_id', 'months');
	const found = new Map<string, number[]>();
	for (const { fitting_id, months } of rows) found.set(fitting_id, [...(found.get(fitting_id) ?? []), months]);
	return found;
}

/** Answers about some products by themselves. */
export async function followUpsAbout(db: Knex, products: readonly string[]): Promise<StoredFollowUp[]> {
	return parsed(
		await inParts<string, Row>(products, (part) => db('follow_ups').whereIn('product_id', part).select('document'))
	);
}

/** Answers about some fittings. */
export async function followUpsOfFittings(db: Knex, fittings: readonly string[]): Promise<StoredFollowUp[]> {
	return parsed(
		await inParts<string, Row>(fittings, (part) => db('follow_ups').whereIn('fitting_id', part).select('document'))
	);
}

/** Answers given between two days, the first one counted, the last not. */
export async function followUpsBetween(db: Knex, from: string, to: string): Promise<StoredFollowUp[]> {
	return parsed(
		await db('follow_ups').where('answered_on', '>=', from).andWhere('answered_on', '<', to).select('document')
	);
}

/** Every follow-up. For exports: pages ask for what they show. */
export async function everyFollowUp(db: Knex): Promise<StoredFollowUp[]> {
	return parsed(await db('follow_ups').orderBy(['answered_on', 'id']).select('document'));
}

/** Writes an answer; the product it is about is judged anew. */
export async function putFollowUp(tx: Tx, followUp: StoredFollowUp): Promise<void> {
	await tx('follow_ups')
		.insert({
			id: followUp.id,
			fitting_id: followUp.fitting ?? null,
			configuration_id: followUp.configuration ?? null,
			product_id: followUp.product ?? null,
			months: followUp.months ?? null,
			answered_on: followUp.on ?? '',
			document: JSON.stringify(followUp)
		})
		.onConflict('id')
		.merge();
	if (followUp.product) await touchProduct(tx, followUp.product);
}

/** Takes an answer back. */
export async function dropFollowUp(tx: Tx, id: string): Promise<void> {
	await tx('follow_ups').where({ id }).delete();
}

/** Gives the follow-ups of a vehicle to another one. */
export async function moveFollowUps(tx: Tx, { from, to }: { from: string; to: string }): Promise<void> {
	const rows: Row[] = await tx('follow_ups').where({ configuration_id: from }).select('document');
	for (const followUp of parsed(rows)) await putFollowUp(tx, { ...followUp, configuration: to });
}
