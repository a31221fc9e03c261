import type { Cookies } from '@sveltejs/kit';

const COOKIE = 'rotalux-seen';
const AWAY_MS = 30 * 60_000;
const DAY_MS = 24 * 3_600_000;
const YEAR_S = 365 * 24 * 3600;

/** When a person came back, and when they were last seen: instants, ISO. */
interface Seen {
	since: string;
	last: string;
}

/**
 * Since when a person was away. Half an hour without a look counts as away; who was never here sees the last day.
 * @param kept what the browser remembers, `SINCE|LAST`
 */
export function seenNow(kept: string | undefined, now: Date): Seen {
	const [since, last] = (kept ?? '').split('|').map((text) => (Number.isNaN(Date.parse(text)) ? undefined : text));
	const at = now.toISOString();
	if (!since || !last) return { since: new Date(now.getTime() - DAY_MS).toISOString(), last: at };
	return { since: now.getTime() - Date.parse(last) > AWAY_MS ? last : since, last: at };
}

/** Since when this browser's person was away; remembers that they are here now. */
export function awaySince(cookies: Cookies, url: URL, now: Date): string {
	const { since, last } = seenNow(cookies.get(COOKIE), now);
	cookies.set(COOKIE, `${since}|${last}`, {
		path: '/',
		maxAge: YEAR_S,
		httpOnly: true,
		sameSite: 'lax',
		secure: url.protocol === 'https:'
	});
	return since;
}
