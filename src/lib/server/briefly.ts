import type { Knex } from 'knex';

/** How long what every request asks is remembered, ms: another process may change it meanwhile. */
const BRIEFLY_MS = 1000;

/** A question that every request asks, answered from memory for a second. */
export function briefly<T>(read: (db: Knex) => Promise<T>): (db: Knex) => Promise<T> {
	const known = new WeakMap<Knex, { until: number; answer: Promise<T> }>();
	return (db) => {
		const there = known.get(db);
		const now = Date.now();
		if (there && now < there.until) return there.answer;
		const answer = read(db);
		known.set(db, { until: now + BRIEFLY_MS, answer });
		// A failure is nobody's answer.
		answer.catch(() => known.delete(db));
		return answer;
	};
}
