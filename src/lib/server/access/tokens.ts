import { createHash, randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import { err, ok, type Result } from '../../core/result';
import { API_SCOPE_IDS, type ApiScope } from '../api/api';
import { changeAlways } from '../db/change';
import { shopDay } from '../shop-time';
import { addToken, endToken, findToken, seeToken, type ApiToken } from '../repositories/api-tokens';

const TOKEN_BYTES = 32;
const MOST_NAME = 80;
/** A token is noted as used no oftener than this, ms. */
const SEEN_EVERY_MS = 5 * 60 * 1000;

const digest = (token: string) => createHash('sha256').update(token).digest('base64url');

/** Gives a program a token, which is shown once: only its hash is kept. */
export async function createToken(
	db: Knex,
	{ name, scopes, goodUntil = null }: { name: string; scopes: readonly string[]; goodUntil?: string | null },
	now: string
): Promise<Result<string, string>> {
	const bare = name.trim();
	if (bare === '' || bare.length > MOST_NAME || /\p{Cc}/u.test(bare))
		return err(`Name the program: 1 to ${MOST_NAME} characters.`);
	const good = API_SCOPE_IDS.filter((scope) => scopes.includes(scope));
	if (good.length === 0) return err('Say what the token is to be good for.');
	if (goodUntil !== null && !/^\d{4}-\d{2}-\d{2}$/.test(goodUntil)) return err('The last day is written YYYY-MM-DD.');
	const token = randomBytes(TOKEN_BYTES).toString('base64url');
	await changeAlways(db, (tx) =>
		addToken(tx, { name: bare, hash: digest(token), scopes: good, createdAt: now, goodUntil })
	);
	return ok(token);
}

/** The token of a request, if it is good; null otherwise. */
export async function goodToken(
	db: Knex,
	header: string | null,
	now: string
): Promise<(ApiToken & { scopes: ApiScope[] }) | null> {
	const said = /^Bearer ([\w-]{20,200})$/i.exec(header ?? '')?.[1];
	const token = said === undefined ? null : await findToken(db, digest(said));
	if (!token || token.endedAt !== null) return null;
	if (token.goodUntil !== null && shopDay(now) > token.goodUntil) return null;
	if (token.usedAt === null || Date.parse(now) - Date.parse(token.usedAt) > SEEN_EVERY_MS)
		await changeAlways(db, (tx) => seeToken(tx, token.id, now));
	return { ...token, scopes: API_SCOPE_IDS.filter((scope) => token.scopes.includes(scope)) };
}

/** Takes a token back: from then on it is good for nothing. */
export const takeBackToken = (db: Knex, id: number, now: string): Promise<boolean> =>
	changeAlways(db, (tx) => endToken(tx, id, now));
