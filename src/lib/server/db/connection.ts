import { chmodSync, existsSync, mkdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import knex, { type Knex } from 'knex';
import { saveCopy } from './copy';
import { Trouble } from './failure';
import { MIGRATIONS, migrations } from './migrations';
import { keepPrepared } from './statements';

/** Name of the database file in the data folder. */
export const DATABASE_FILE = 'rotalux.sqlite';
/** Folder of the backups in the data folder. */
export const BACKUP_FOLDER = 'backups';
/** Nobody sleeps on a lock in here: who waits looks again, and lets others work meanwhile. */
const BUSY_TIMEOUT_MS = 20;
const OWNER_ONLY = 0o600;

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

function connect(file: string): Knex {
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

/** Migrations a database has gone through; none when it is new. */
async function gone(db: Knex): Promise<string[]> {
	if (!(await db.schema.hasTable('knex_migrations'))) return [];
	const rows: { name: string }[] = await db('knex_migrations').orderBy('id').select('name');
	return rows.map(({ name }) => name);
}

/** Brings the tables up to this version. What is there is saved first. */
async function migrate(db: Knex, folder: string): Promise<void> {
	const done = await gone(db);
	const newer = done.find((name) => !MIGRATIONS.includes(name));
	if (newer)
		throw new Trouble(
			`The data in ${folder} were written by a newer Rotalux (${newer}). Nothing was changed; install that version.`
		);
	const next = MIGRATIONS.find((name) => !done.includes(name));
	if (!next) return;
	if (done.length > 0) await saveCopy(join(folder, DATABASE_FILE), join(folder, BACKUP_FOLDER), `before-${next}`);
	await db.migrate.latest({ migrationSource: migrations });
}

/**
 * Opens the database of a data folder, making folder and tables as needed. Only its owner may read the file.
 * @throws Trouble with one sentence; Error of the SQLite driver when the file cannot be opened or written
 */
export async function openDatabase(folder: string): Promise<Knex> {
	mkdirSync(folder, { recursive: true });
	const file = join(folder, DATABASE_FILE);
	const db = connect(file);
	try {
		await migrate(db, folder);
		if (existsSync(file) && (statSync(file).mode & 0o077) !== 0) chmodSync(file, OWNER_ONLY);
	} catch (error) {
		await db.destroy();
		throw error;
	}
	return db;
}

/**
 * Looks quickly whether the file of an open database is whole, as at every start.
 * @throws Trouble with one sentence when it is damaged
 */
export async function quickCheck(db: Knex): Promise<void> {
	const [row] = (await db.raw('PRAGMA quick_check(1)')) as { quick_check: string }[];
	if (row?.quick_check !== 'ok')
		throw new Trouble(
			`The database file is damaged (${row?.quick_check ?? 'no answer'}). Restore a backup: rotalux restore FILE.`
		);
}
