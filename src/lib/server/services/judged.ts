import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import { equivalenceKey, matchSummary, surroundings, type SocketCase, type Verdict } from '../../core/match';
import { fingerprint } from '../fingerprint';
import type { ShopData } from './catalogue';

/** What is remembered of a judged socket. */
export interface Judged {
	/** The best of all candidates by its id; null where nothing is made for the socket. */
	best: string | null;
	/** Verdict of the best LED, or of the best lamp where no LED is made. */
	verdict: Verdict | null;
	/** How many are not refused. */
	possible: number;
}

/** Sockets remembered. */
const REMEMBERED = 20_000;
const cache = new WeakMap<Knex, LRUCache<string, Judged>>();

function remembered(db: Knex): LRUCache<string, Judged> {
	const known = cache.get(db) ?? new LRUCache<string, Judged>({ max: REMEMBERED });
	cache.set(db, known);
	return known;
}

/** Equal for sockets that no rule can tell apart, as long as nothing that may be fitted to them has changed. */
const keyOf = (prepared: SocketCase, data: ShopData): string =>
	fingerprint([data.key, surroundings(prepared, data.catalogue), equivalenceKey(prepared, data.catalogue)]);

/** What is known of a socket without judging it; null when it has to be judged. */
export const known = (db: Knex, prepared: SocketCase, data: ShopData): Judged | null =>
	remembered(db).get(keyOf(prepared, data)) ?? null;

/** Remembers what a socket was judged to be by another thread. */
export function keep(db: Knex, { prepared, data }: { prepared: SocketCase; data: ShopData }, found: Judged): void {
	remembered(db).set(keyOf(prepared, data), found);
}

/** A socket judged, once for all that no rule can tell apart: a change at the desk judges the sockets it touches, and vehicles that are alike share. */
export function judged(db: Knex, prepared: SocketCase, data: ShopData): Judged {
	const key = keyOf(prepared, data);
	const there = remembered(db).get(key);
	if (there) return there;
	const { best, led, possible } = matchSummary(prepared, data.catalogue);
	const fresh: Judged = { best: best?.product.id ?? null, verdict: (led ?? best)?.verdict ?? null, possible };
	remembered(db).set(key, fresh);
	return fresh;
}
