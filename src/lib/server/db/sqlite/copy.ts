import { createReadStream, createWriteStream, existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import Database from 'better-sqlite3';
import { Trouble } from '../failure';
import type { SavedCopy } from '../saved-copy';

const OWNER_ONLY = 0o600;
const GZIP = [0x1f, 0x8b];
/** The whole database in one step: it is copied as it stands at one moment, whoever writes meanwhile. */
const EVERY_PAGE = 2 ** 30;

/** What is wrong with a database file; null when it is whole. */
export function faultOf(file: string): string | null {
	let db: Database.Database | undefined;
	try {
		db = new Database(file, { readonly: true, fileMustExist: true });
		const found = db.pragma('integrity_check(1)', { simple: true });
		if (found !== 'ok') return `it is damaged: ${String(found)}`;
		const strays = db.pragma('foreign_key_check') as unknown[];
		return strays.length > 0 ? `${strays.length} rows point at nothing` : null;
	} catch (error) {
		return `it cannot be opened as a database (${(error as { code?: string }).code ?? String(error)})`;
	} finally {
		db?.close();
	}
}

/** Names of the migrations a database file has gone through. */
export function migrationsIn(file: string): string[] {
	const db = new Database(file, { readonly: true, fileMustExist: true });
	try {
		return db.prepare('SELECT name FROM knex_migrations ORDER BY id').pluck().all() as string[];
	} catch {
		return [];
	} finally {
		db.close();
	}
}

/** Unpacks a backup beside a place; a plain database file is copied. */
export async function unpack(file: string, to: string): Promise<void> {
	const head = createReadStream(file, { end: 1 });
	const first: number[] = [];
	for await (const chunk of head) first.push(...(chunk as Buffer));
	const packed = first[0] === GZIP[0] && first[1] === GZIP[1];
	mkdirSync(dirname(to), { recursive: true });
	const out = createWriteStream(to, { mode: OWNER_ONLY });
	await (packed ? pipeline(createReadStream(file), createGunzip(), out) : pipeline(createReadStream(file), out));
}

/**
 * Copies a database that others may be using, compresses the copy, and opens what was written again.
 * @throws Trouble when the copy is not whole
 */
export async function saveCopyAs(database: string, file: string): Promise<SavedCopy> {
	if (!existsSync(database)) throw new Trouble(`There is no database at ${database} to back up.`);
	mkdirSync(dirname(file), { recursive: true });
	const [plain, part, again] = [`${file}.copy`, `${file}.part`, `${file}.again`];
	try {
		const source = new Database(database, { readonly: true, fileMustExist: true });
		try {
			await source.backup(plain, { progress: () => EVERY_PAGE });
		} finally {
			source.close();
		}
		await pipeline(createReadStream(plain), createGzip({ level: 6 }), createWriteStream(part, { mode: OWNER_ONLY }));
		await unpack(part, again);
		const fault = faultOf(again);
		if (fault) throw new Trouble(`The backup was not kept: ${fault}.`);
		renameSync(part, file);
		return { file, bytes: statSync(file).size, at: new Date().toISOString() };
	} finally {
		for (const left of [plain, part, again, `${again}-wal`, `${again}-shm`, `${plain}-wal`, `${plain}-shm`])
			rmSync(left, { force: true });
	}
}
