import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { engineOf } from './engines';
import { Trouble } from './failure';
import { MIGRATIONS, migrations } from './migrations';
import type { Place } from './place';
import { placeOf } from './places';
import { nameOfCopy } from './saved-copy';

/** Folder of the backups in the data folder. */
export const BACKUP_FOLDER = 'backups';

/** Migrations a database has gone through; none when it is new. */
async function gone(db: Knex): Promise<string[]> {
	if (!(await db.schema.hasTable('knex_migrations'))) return [];
	const rows: { name: string }[] = await db('knex_migrations').orderBy('id').select('name');
	return rows.map(({ name }) => name);
}

/** Brings the tables up to this version. What is there is saved first. */
async function migrate(db: Knex, place: Place, folder: string): Promise<void> {
	const done = await gone(db);
	const newer = done.find((name) => !MIGRATIONS.includes(name));
	if (newer)
		throw new Trouble(
			`The data in ${folder} were written by a newer Rotalux (${newer}). Nothing was changed; install that version.`
		);
	const next = MIGRATIONS.find((name) => !done.includes(name));
	if (!next) return;
	if (done.length > 0) await place.saveAs(join(folder, BACKUP_FOLDER, nameOfCopy(`before-${next}`, place)));
	await db.migrate.latest({ migrationSource: migrations });
	await engineOf(db).settle(db);
}

/**
 * Opens data, making their tables as needed.
 * @param folder data folder: backups made on the way go there
 * @throws Trouble with one sentence; Error of the driver when it cannot be opened or written
 */
export async function openAt(place: Place, folder: string): Promise<Knex> {
	mkdirSync(folder, { recursive: true });
	const db = place.connect();
	try {
		await place.prepare(db, () => migrate(db, place, folder));
	} catch (error) {
		await db.destroy();
		throw error;
	}
	return db;
}

/** Opens the database of a data folder, wherever it is. */
export const openDatabase = async (folder: string): Promise<Knex> => openAt(placeOf(folder), folder);

/**
 * Looks quickly whether an open database is whole, as at every start.
 * @throws Trouble with one sentence when it is damaged
 */
export async function quickCheck(db: Knex): Promise<void> {
	const fault = await engineOf(db).quickFault(db);
	if (fault !== null)
		throw new Trouble(`The database file is damaged (${fault}). Restore a backup: rotalux restore FILE.`);
}
