import type pg from 'pg';

/** One statement as it is sent to the server. */
export interface Asked {
	text: string;
	values?: readonly unknown[];
	name?: string;
	query_timeout?: number;
}

const isAsked = (asked: unknown): asked is Asked =>
	typeof asked === 'object' && asked !== null && 'text' in asked && typeof asked.text === 'string';

/** Looks at every statement that a connection is asked, before it is sent. */
export function beforeEachAsked(connection: pg.Client, look: (asked: Asked) => void): void {
	const ask = connection.query.bind(connection) as (...asked: unknown[]) => unknown;
	const query = (asked: unknown, ...rest: unknown[]): unknown => {
		if (isAsked(asked)) look(asked);
		return ask(asked, ...rest);
	};
	connection.query = query as typeof connection.query;
}
