import { page } from '$app/state';

/** Who may send a form of this page, where whoever looks at it may not; null where they may. */
export function refusedHere(action = '?/default'): string | null {
	const refused = page.data.refused ?? {};
	return action.startsWith('?/') ? (refused[action.slice(2)] ?? refused['*'] ?? null) : null;
}
