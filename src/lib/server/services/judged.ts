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

/** A socket judged, once for all that no rule can tell apart: a change at the desk judges the sockets it touches, and vehicles that are alike share. */
export function judged(db: Knex, prepared: SocketCase, data: ShopData): Judged {
	const known = cache.get(db) ?? new LRUCache<string, Judged>({ max: REMEMBERED });
	cache.set(db, known);
	const key = fingerprint([data.key, surroundings(prepared, data.catalogue), equivalenceKey(prepared)]);
	const there = known.get(key);
	if (there) return there;
	const { best, led, possible } = matchSummary(prepared, data.catalogue);
	const fresh: Judged = { best: best?.product.id ?? null, verdict: (led ?? best)?.verdict ?? null, possible };
	known.set(key, fresh);
	return fresh;
}
