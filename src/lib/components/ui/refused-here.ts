import { page } from '$app/state';

/** Who may send a form of this page, where whoever looks at it may not; null where they may, and for the forms of other pages. */
export function refusedHere(action = ''): string | null {
	const to = new URL(action, page.url);
	const refused = page.data.refused ?? {};
	const name = [...to.searchParams.keys()].find((key) => key.startsWith('/'))?.slice(1) ?? 'default';
	return to.pathname === page.url.pathname ? (refused[name] ?? refused['*'] ?? null) : null;
}
