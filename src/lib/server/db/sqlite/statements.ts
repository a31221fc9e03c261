import { LRUCache } from 'lru-cache';

/** What a connection of the SQLite driver is asked for here. */
interface Preparing {
	prepare: (sql: string) => unknown;
}

/** Statements that a connection keeps prepared. */
const KEPT = 400;

/** Makes a connection prepare each statement once: the same few hundred are asked all day, and reading one costs as much as answering it. */
export function keepPrepared(connection: Preparing): void {
	const kept = new LRUCache<string, NonNullable<unknown>>({ max: KEPT });
	const fresh = connection.prepare.bind(connection);
	connection.prepare = (sql) => {
		const known = kept.get(sql);
		if (known) return known;
		const statement = fresh(sql) as NonNullable<unknown>;
		kept.set(sql, statement);
		return statement;
	};
}
