import type { Cookies } from '@sveltejs/kit';
import type { Actor } from './services/record/store';

const COOKIE = 'rotalux-person';
const A_YEAR_S = 365 * 24 * 3600;

/** Who works at this browser; null when nobody said. A name for the history, not a sign-in. */
export function personOf(cookies: Cookies): string | null {
	return cookies.get(COOKIE)?.trim().slice(0, 80) || null;
}

/** Remembers who works at this browser. */
export function rememberPerson(cookies: Cookies, name: string): void {
	cookies.set(COOKIE, name.trim().slice(0, 80), { path: '/', maxAge: A_YEAR_S, httpOnly: true, secure: false });
}

/** Who makes a change, and when. */
export function actorOf(cookies: Cookies): Actor {
	return { by: personOf(cookies), now: new Date().toISOString() };
}
