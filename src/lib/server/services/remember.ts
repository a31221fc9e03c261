import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import type { Configuration } from '../../core/model';
import { fingerprint } from '../fingerprint';
import { shopKey } from './catalogue';

/** Answers remembered for a database. */
const REMEMBERED = 100;
const answers = new WeakMap<Knex, LRUCache<string, { answer: unknown }>>();

/**
 * The answer to a question about some vehicles, worked out once for as long as the vehicles, all that may be fitted to them and the shop's rules
 * stay as they are.
 * @param asked everything else that the answer depends on
 */
export async function remembered<T>(
	db: Knex,
	{ configurations, asked }: { configurations: readonly Configuration[]; asked: unknown },
	work: () => Promise<T>
): Promise<T> {
	const own = answers.get(db) ?? new LRUCache<string, { answer: unknown }>({ max: REMEMBERED });
	answers.set(db, own);
	const key = fingerprint([asked, configurations, await shopKey(db, { configurations })]);
	const known = own.get(key) as { answer: T } | undefined;
	if (known) return known.answer;
	const answer = await work();
	own.set(key, { answer });
	return answer;
}
