import knex, { type Knex } from 'knex';
import { keepPrepared } from './statements';

/** Nobody sleeps on a lock in here: who waits looks again, and lets others work meanwhile. */
const BUSY_TIMEOUT_MS = 20;

const silent = (): void => undefined;

interface RawConnection {
	pragma: (text: string) => unknown;
	prepare: (sql: string) => unknown;
}

/** Pages of the file that a connection keeps in memory, KiB. */
const PAGES_KEPT_KIB = 48_000;

const PRAGMAS = [
	`busy_timeout = ${BUSY_TIMEOUT_MS}`,
	'journal_mode = WAL',
	// What was acknowledged is on the disk, also when the power goes.
	'synchronous = FULL',
	'foreign_keys = ON',
	`cache_size = -${PAGES_KEPT_KIB}`
];

/** A database in a file, on one connection. */
export function connectFile(file: string): Knex {
	return knex({
		client: 'better-sqlite3',
		connection: { filename: file },
		useNullAsDefault: true,
		// Failures are thrown, and said in plain words by whoever asked; knex need not say them a second time.
		log: { warn: silent, error: silent, deprecate: silent, debug: silent },
		pool: {
			min: 0,
			max: 1,
			afterCreate: (connection: RawConnection, done: (error: Error | null, connection: RawConnection) => void) => {
				try {
					for (const pragma of PRAGMAS) connection.pragma(pragma);
					keepPrepared(connection);
					done(null, connection);
				} catch (error) {
					done(error as Error, connection);
				}
			}
		}
	});
}
