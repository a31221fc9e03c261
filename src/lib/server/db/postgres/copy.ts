import { mkdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { Trouble } from '../failure';
import { stamp, type SavedCopy } from '../saved-copy';
import type { Where } from '../where';
import { connectServer } from './connect';
import { runTool } from './tools';

type Server = Where & { engine: 'postgres' };

const DUMP = ['--format=custom', '--no-owner', '--no-privileges'];

/** Reads a saved copy through. @throws Trouble when it is not whole */
const readThrough = ({ url }: Server, file: string): Promise<void> =>
	runTool('pg_restore', url, ['--file=/dev/null', file]);

/**
 * Saves a schema as it stands at one moment, whoever writes meanwhile, and reads what was written through.
 * @throws Trouble when the copy is not whole
 */
export async function dumpTo(where: Server, file: string): Promise<SavedCopy> {
	mkdirSync(dirname(file), { recursive: true });
	const part = `${file}.part`;
	// Its owner's alone from the first byte.
	writeFileSync(part, '', { mode: 0o600 });
	try {
		await runTool('pg_dump', where.url, [...DUMP, `--schema=${where.schema}`, `--file=${part}`]);
		await readThrough(where, part);
		renameSync(part, file);
		return { file, bytes: statSync(file).size, at: new Date().toISOString() };
	} finally {
		rmSync(part, { force: true });
	}
}

/**
 * Puts a saved copy in the place of a schema; what was there is kept beside it under another name.
 * @param wrong says what is wrong with the migrations that the copy has gone through; null when nothing is
 * @returns the schema with what was there; null when nothing was
 * @throws Trouble with one sentence; everything is as it was then
 */
export async function restoreFrom(
	where: Server,
	file: string,
	wrong: (gone: readonly string[]) => string | null
): Promise<string | null> {
	await readThrough(where, file).catch((error: unknown) => {
		throw new Trouble(`${file} is no whole backup of a server: ${(error as Error).message} Nothing was changed.`);
	});
	const db = connectServer(where);
	const kept = `${where.schema}_replaced_${stamp(new Date()).toLowerCase()}`;
	try {
		const { rows } = (await db.raw('SELECT 1 FROM pg_namespace WHERE nspname = ?', [where.schema])) as {
			rows: unknown[];
		};
		const isThere = rows.length > 0;
		if (isThere) await db.raw('ALTER SCHEMA ?? RENAME TO ??', [where.schema, kept]);
		try {
			await runTool('pg_restore', where.url, [
				'--single-transaction',
				'--no-owner',
				'--no-privileges',
				`--dbname=${new URL(where.url).pathname.slice(1)}`,
				file
			]);
			const gone: { name: string }[] = await db('knex_migrations')
				.withSchema(where.schema)
				.orderBy('id')
				.select('name');
			const why = wrong(gone.map(({ name }) => name));
			if (why) throw new Trouble(why);
		} catch (error) {
			await db.raw('DROP SCHEMA IF EXISTS ?? CASCADE', [where.schema]);
			if (isThere) await db.raw('ALTER SCHEMA ?? RENAME TO ??', [kept, where.schema]);
			throw error;
		}
		return isThere ? kept : null;
	} finally {
		await db.destroy();
	}
}
