import { AsyncLocalStorage } from 'node:async_hooks';
import type { Knex } from 'knex';

/** A request under way. */
interface Here {
	/** The branch at which it is made; null for the first one, and for a shop without branches. */
	branch: string | null;
	/** What was read for it, by database; null once it is answered, and where it may change something. */
	read: Map<Knex, Map<string, Promise<unknown>>> | null;
}

const here = new AsyncLocalStorage<Here>();

/** The branch at which the request under way is made; null for the first one, for a shop without branches, and outside of requests. */
export const branchHere = (): string | null => here.getStore()?.branch ?? null;

/** True while a request is answered that only looks. */
export const onlyLooksHere = (): boolean => here.getStore()?.read != null;

/** Says at which branch the request under way is made, once that is known. */
export function standAt(branch: string | null): void {
	const request = here.getStore();
	if (request) request.branch = branch;
}

/** Answers a request. While one that only looks is answered, what it reads stands still: see `readOnce`. */
export async function answeredHere<T>({ onlyLooks }: { onlyLooks: boolean }, answer: () => Promise<T> | T): Promise<T> {
	const request: Here = { branch: null, read: onlyLooks ? new Map() : null };
	try {
		return await here.run(request, answer);
	} finally {
		// What goes on afterwards, a watched solve or an import that is followed, sees what changes.
		request.read = null;
	}
}

/**
 * Reads something of a database once for a request that only looks, whoever asks for it; where something may be changed, each time.
 * @param what names it among all that is read so
 */
export function readOnce<T>(db: Knex, what: string, read: () => Promise<T>): Promise<T> {
	const known = here.getStore()?.read;
	if (!known || db.isTransaction) return read();
	const own = known.get(db) ?? new Map<string, Promise<unknown>>();
	known.set(db, own);
	const found = (own.get(what) as Promise<T> | undefined) ?? read();
	own.set(what, found);
	return found;
}
