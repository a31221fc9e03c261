import type { Knex } from 'knex';
import type { Tx } from '../db/change';

/** A token of a program, as it is kept: its hash, and what it is good for. */
export interface ApiToken {
	id: number;
	name: string;
	scopes: string[];
	createdAt: string;
	/** Last day it is good on; null for no end. */
	goodUntil: string | null;
	usedAt: string | null;
	endedAt: string | null;
}

interface Row {
	id: number;
	name: string;
	scopes: string;
	created_at: string;
	good_until: string | null;
	used_at: string | null;
	ended_at: string | null;
}

const read = ({ id, name, scopes, created_at, good_until, used_at, ended_at }: Row): ApiToken => ({
	id,
	name,
	scopes: JSON.parse(scopes) as string[],
	createdAt: created_at,
	goodUntil: good_until,
	usedAt: used_at,
	endedAt: ended_at
});

/** Every token, the last one first; those that were taken back too. */
export async function listTokens(db: Knex): Promise<ApiToken[]> {
	return (await db('api_tokens').orderBy('id', 'desc')).map(read);
}

/** A token by its hash; null when there is none. */
export async function findToken(db: Knex, hash: string): Promise<ApiToken | null> {
	const row: Row | undefined = await db('api_tokens').where({ hash }).first();
	return row ? read(row) : null;
}

/** Keeps a token; gives its number. */
export async function addToken(
	tx: Tx,
	{
		name,
		hash,
		scopes,
		createdAt,
		goodUntil
	}: Pick<ApiToken, 'name' | 'scopes' | 'createdAt' | 'goodUntil'> & { hash: string }
): Promise<number> {
	const row = { name, hash, scopes: JSON.stringify(scopes), created_at: createdAt, good_until: goodUntil };
	const [added] = await tx('api_tokens').insert(row).returning('id');
	return (added as { id: number }).id;
}

/** Notes when a token was used. */
export async function seeToken(tx: Tx, id: number, at: string): Promise<void> {
	await tx('api_tokens').where({ id }).update({ used_at: at });
}

/** Takes a token back; false when it is not there, or was taken back before. */
export async function endToken(tx: Tx, id: number, at: string): Promise<boolean> {
	return (await tx('api_tokens').where({ id }).whereNull('ended_at').update({ ended_at: at })) > 0;
}
