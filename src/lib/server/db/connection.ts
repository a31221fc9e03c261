import { chmodSync, existsSync, mkdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { engineOf } from './engines';
import { Trouble } from './failure';
import { MIGRATIONS, migrations } from './migrations';
import { connectServer } from './postgres/connect';
import { oneAtATime } from './postgres/schema';
import { connectFile } from './sqlite/connect';
import { saveCopy } from './save';
import { whereIs, type Where } from './where';

/** Folder of the backups in the data folder. */
export const BACKUP_FOLDER = 'backups';
const OWNER_ONLY = 0o600;

/** Migrations a database has gone through; none when it is new. */
async function gone(db: Knex): Promise<string[]> {
	if (!(await db.schema.hasTable('knex_migrations'))) return [];
	const rows: { name: string }[] = await db('knex_migrations').orderBy('id').select('name');
	return rows.map(({ name }) => name);
}

/** Brings the tables up to this version. What is there is saved first. */
async function migrate(db: Knex, where: Where, folder: string): Promise<void> {
	const done = await gone(db);
	const newer = done.find((name) => !MIGRATIONS.includes(name));
	if (newer)
		throw new Trouble(
			`The data in ${folder} were written by a newer Rotalux (${newer}). Nothing was changed; install that version.`
		);
	const next = MIGRATIONS.find((name) => !done.includes(name));
	if (!next) return;
	if (done.length > 0) await saveCopy(where, join(folder, BACKUP_FOLDER), `before-${next}`);
	await db.migrate.latest({ migrationSource: migrations });
	await engineOf(db).settle(db);
}

/** A connection to where data are, without a look at them. */
const connectTo = (where: Where): Knex => (where.engine === 'sqlite' ? connectFile(where.file) : connectServer(where));

/**
 * Opens a database, making its tables as needed. Only its owner may read a file.
 * @param folder data folder: backups made on the way go there
 * @throws Trouble with one sentence; Error of the driver when it cannot be opened or written
 */
export async function openAt(where: Where, folder: string): Promise<Knex> {
	mkdirSync(folder, { recursive: true });
	const db = connectTo(where);
	try {
		if (where.engine === 'postgres') await oneAtATime(db, where.schema, () => migrate(db, where, folder));
		else await migrate(db, where, folder);
		if (where.engine === 'sqlite' && existsSync(where.file) && (statSync(where.file).mode & 0o077) !== 0)
			chmodSync(where.file, OWNER_ONLY);
	} catch (error) {
		await db.destroy();
		throw error;
	}
	return db;
}

/** Opens the database of a data folder, wherever it is. */
export const openDatabase = async (folder: string): Promise<Knex> => openAt(whereIs(folder), folder);

/**
 * Looks quickly whether an open database is whole, as at every start.
 * @throws Trouble with one sentence when it is damaged
 */
export async function quickCheck(db: Knex): Promise<void> {
	const fault = await engineOf(db).quickFault(db);
	if (fault !== null)
		throw new Trouble(`The database file is damaged (${fault}). Restore a backup: rotalux restore FILE.`);
}
