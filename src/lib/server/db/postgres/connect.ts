import knex, { type Knex } from 'knex';
import pg from 'pg';
import { losePatience } from './patience';
import { keepPrepared } from './statements';

/** Connections that one process, or one of its threads, keeps at most. */
const MOST_CONNECTIONS = 8;
/** How long somebody waits for a connection, ms. */
const WAIT_MS = 10_000;

const silent = (): void => undefined;

const { INT8, NUMERIC } = pg.types.builtins;

/** Counts and sums are numbers, as on the other engine. */
const types = {
	getTypeParser: (oid: number, format?: 'text' | 'binary') => {
		if (oid === INT8 || oid === NUMERIC) return Number;
		return pg.types.getTypeParser(oid, format) as (text: string) => unknown;
	}
};

/** A database on a server, in one of its schemas, on so many connections at most. */
export function connectServer({
	url,
	schema,
	most = MOST_CONNECTIONS
}: {
	url: string;
	schema: string;
	most?: number;
}): Knex {
	return knex({
		client: 'pg',
		connection: {
			connectionString: url,
			application_name: 'rotalux',
			connectionTimeoutMillis: WAIT_MS,
			types
		} as Knex.PgConnectionConfig,
		searchPath: [schema],
		acquireConnectionTimeout: WAIT_MS,
		log: { warn: silent, error: silent, deprecate: silent, debug: silent },
		pool: {
			min: 0,
			max: most,
			afterCreate: (connection: pg.Client, done: (error: Error | null, connection: pg.Client) => void) => {
				keepPrepared(connection);
				losePatience(connection);
				done(null, connection);
			}
		}
	});
}
