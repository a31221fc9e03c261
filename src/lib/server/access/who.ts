import type { Cookies } from '@sveltejs/kit';
import type { Knex } from 'knex';
import { briefly } from '../briefly';
import { readSetting } from '../repositories/settings';
import { personOfToken, hasAccounts, type Person } from './accounts';
import { ROLE_IDS } from './roles';

const SESSION = 'rotalux-session';
const ROLE = 'rotalux-role';
const NAME = 'rotalux-person';
const MONTH_S = 30 * 24 * 3600;
export const YEAR_S = 365 * 24 * 3600;
const LONGEST_NAME = 80;

/** A cookie is sent back over a safe door only, where there is one. */
export const kept = (url: URL, maxAge: number) =>
	({ path: '/', maxAge, httpOnly: true, sameSite: 'lax', secure: url.protocol === 'https:' }) as const;

/** Remembers at a browser that somebody is signed in. */
export const keepSession = (cookies: Cookies, url: URL, token: string): void =>
	cookies.set(SESSION, token, kept(url, MONTH_S));

/** The token of a browser; null when it has none. */
export const sessionOf = (cookies: Cookies): string | null => cookies.get(SESSION) ?? null;

/** Forgets it. */
export const dropSession = (cookies: Cookies): void => cookies.delete(SESSION, { path: '/' });

/** In the demo anybody tries any role. */
export const tryRole = (cookies: Cookies, url: URL, role: string): void => cookies.set(ROLE, role, kept(url, MONTH_S));

/** Remembers the name of whoever works at a browser of a shop without accounts. */
export const keepName = (cookies: Cookies, url: URL, name: string): void =>
	cookies.set(NAME, name.trim().slice(0, LONGEST_NAME), kept(url, YEAR_S));

/** The name of whoever works at a browser without accounts; null when nobody said. */
const nameOf = (cookies: Cookies): string | null => cookies.get(NAME)?.trim().slice(0, LONGEST_NAME) || null;

const isDemo = briefly(async (db) => (await readSetting(db, 'demo')) === true);
const isGuarded = briefly(hasAccounts);

/** Who makes a request: who is signed in; in a shop without accounts, on its own machine, whoever sits there; in the demo, in the role they try. */
export async function whoIs(
	db: Knex,
	cookies: Cookies,
	now: string
): Promise<{ person: Person | null; guarded: boolean; demo: boolean }> {
	const demo = await isDemo(db);
	if (await isGuarded(db)) {
		const token = sessionOf(cookies);
		return { person: token ? await personOfToken(db, token, now) : null, guarded: true, demo };
	}
	const role = (demo && ROLE_IDS.find((id) => id === cookies.get(ROLE))) || 'owner';
	return { person: { id: null, name: nameOf(cookies) ?? '', role }, guarded: false, demo };
}
