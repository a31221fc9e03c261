/** Something that was opened from the command bar. */
export interface Recent {
	words: string;
	href: string;
}

type Store = Pick<Storage, 'getItem' | 'setItem'>;

const KEY = 'rotalux-recents';
const MOST = 8;

/** What this browser opened last from the command bar, the last first; what cannot be read counts as nothing. */
export function readRecents(store: Store): Recent[] {
	try {
		const kept: unknown = JSON.parse(store.getItem(KEY) ?? '[]');
		return Array.isArray(kept)
			? kept.filter((one): one is Recent => typeof one?.words === 'string' && String(one?.href).startsWith('/'))
			: [];
	} catch {
		return [];
	}
}

/** Puts something first among what was opened; it stands there once. */
export function keepRecent(store: Store, recent: Recent): void {
	const others = readRecents(store).filter(({ href }) => href !== recent.href);
	store.setItem(KEY, JSON.stringify([recent, ...others].slice(0, MOST)));
}
