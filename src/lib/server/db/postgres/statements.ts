import { LRUCache } from 'lru-cache';
import type pg from 'pg';
import { beforeEachAsked, type Asked } from './asked';

/** Statements that a connection keeps prepared at most, and their length: a list of a thousand values comes once. */
const KEPT = 300;
const LONGEST = 2000;
/** Statements that were seen once. */
const NOTED = 1000;

/** What changes tables: what was planned on them holds no more. */
const CHANGES_TABLES = /^\s*(alter|create|drop)\b/i;

/**
 * Makes a connection name what it asks more than once, so that the server reads and plans it once: the same few hundred statements are asked
 * all day, and reading one costs as much as answering it.
 */
export function keepPrepared(connection: pg.Client): void {
	const names = new Map<string, string>();
	const seen = new LRUCache<string, true>({ max: NOTED });
	let given = 0;
	const nameOf = ({ text, values = [] }: Asked): string | undefined => {
		if (CHANGES_TABLES.test(text)) names.clear();
		if (values.length === 0 || text.length > LONGEST) return undefined;
		const known = names.get(text);
		if (known !== undefined || given === KEPT) return known;
		if (!seen.has(text)) {
			seen.set(text, true);
			return undefined;
		}
		const name = `rotalux_${given}`;
		given += 1;
		names.set(text, name);
		return name;
	};
	beforeEachAsked(connection, (asked) => {
		asked.name ??= nameOf(asked);
	});
}
