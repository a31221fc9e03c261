import type { Cookies } from '@sveltejs/kit';

const YEAR_S = 365 * 24 * 3600;

/** The order of a list: by which column, null for its usual one, and whether downwards. */
export interface Order<T extends string> {
	by: T | null;
	down: boolean;
}

/**
 * The order a list is shown in: as its address says (`by`, `down`), or else as this person last chose it.
 * @param list name of the list
 * @param orders the columns it can be sorted by; any other word is its usual order
 */
export function orderNow<T extends string>(
	{ cookies, url }: { cookies: Cookies; url: URL },
	list: string,
	orders: readonly T[]
): Order<T> {
	const name = `rotalux-order-${list}`;
	const asked = url.searchParams;
	const said = asked.has('by') || asked.has('down');
	const text = said ? `${asked.get('by') ?? ''}${asked.has('down') ? ' down' : ''}` : (cookies.get(name) ?? '');
	const [word, way] = text.split(' ');
	const by = orders.find((order) => order === word) ?? null;
	if (said)
		cookies.set(name, text.slice(0, 40), {
			path: '/',
			maxAge: YEAR_S,
			httpOnly: true,
			sameSite: 'lax',
			secure: url.protocol === 'https:'
		});
	return { by, down: way === 'down' };
}
