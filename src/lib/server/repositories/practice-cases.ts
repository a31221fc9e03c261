import type { Knex } from 'knex';
import type { HouseCase } from '../../core/practice';
import type { Tx } from '../db/change';

/** A case of the house as it is kept. */
export interface StoredCase {
	number: number;
	/** What it came from; null for one that somebody wrote. */
	ref: string | null;
	made: HouseCase;
	at: string;
}

interface Row extends Omit<StoredCase, 'made'> {
	document: string;
}

const read = ({ document, number, ref, at }: Row): StoredCase => ({ number, ref, at, made: JSON.parse(document) });

/** Cases that are asked, the last written first. */
export async function listCases(db: Knex): Promise<StoredCase[]> {
	const rows: Row[] = await db('practice_cases').whereNull('left_out_at').orderBy('number', 'desc').select();
	return rows.map(read);
}

/** A case by its number, asked or left out; null when there is none. */
export async function findCase(db: Knex, number: number): Promise<StoredCase | null> {
	const row: Row | undefined = await db('practice_cases').where({ number }).first();
	return row ? read(row) : null;
}

/** What was taken in already, left out or not. */
export async function knownRefs(db: Knex): Promise<Set<string>> {
	const rows: { ref: string }[] = await db('practice_cases').whereNotNull('ref').select('ref');
	return new Set(rows.map(({ ref }) => ref));
}

/** Writes a case down. */
export async function addCase(tx: Tx, { ref, made, at }: Omit<StoredCase, 'number'>): Promise<void> {
	await tx('practice_cases').insert({ ref, document: JSON.stringify(made), at });
}

/** Leaves a case out from now on: it is not asked, and not taken in again. */
export async function leaveCaseOut(tx: Tx, number: number, now: string): Promise<boolean> {
	return (await tx('practice_cases').where({ number }).whereNull('left_out_at').update({ left_out_at: now })) > 0;
}
