import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import knex, { type Knex } from 'knex';
import { migrations } from './migrations';

/** Name of the database file in the data folder. */
export const DATABASE_FILE = 'rotalux.sqlite';
const BUSY_TIMEOUT_MS = 5000;

const silent = (): void => undefined;

interface RawConnection {
	pragma: (text: string) => unknown;
}

/**
 * Opens the database of a data folder, making folder and tables as needed.
 * @throws Error of the SQLite driver when the file cannot be opened or written
 */
export async function openDatabase(folder: string): Promise<Knex> {
	mkdirSync(folder, { recursive: true });
	const db = knex({
		client: 'better-sqlite3',
		connection: { filename: join(folder, DATABASE_FILE) },
		useNullAsDefault: true,
		// Failures are thrown, and said in plain words by whoever asked; knex need not say them a second time.
		log: { warn: silent, error: silent, deprecate: silent, debug: silent },
		pool: {
			min: 0,
			max: 1,
			afterCreate: (connection: RawConnection, done: (error: Error | null, connection: RawConnection) => void) => {
				try {
					connection.pragma(`busy_timeout = ${BUSY_TIMEOUT_MS}`);
					connection.pragma('journal_mode = WAL');
					connection.pragma('foreign_keys = ON');
					done(null, connection);
				} catch (error) {
					done(error as Error, connection);
				}
			}
		}
	});
	try {
		await db.migrate.latest({ migrationSource: migrations });
	} catch (error) {
		await db.destroy();
		throw error;
	}
	return db;
}
