import { chmodSync, existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { Trouble } from '../failure';
import type { Place } from '../place';
import { stamp } from '../saved-copy';
import { connectFile } from './connect';
import { faultOf, migrationsIn, saveCopyAs, unpack } from './copy';
import { ownFolder } from './owner';

const OWNER_ONLY = 0o600;
/** A database in a file is up to three files. */
const SUFFIXES = ['', '-wal', '-shm'];

/** Moves a database out of the way, into a folder beside it. @returns that folder; null when nothing was there */
export function keepAside(file: string, name: string): string | null {
	if (!existsSync(file)) return null;
	const kept = join(dirname(file), `${name}-${stamp(new Date())}`);
	mkdirSync(kept, { recursive: true });
	for (const suffix of SUFFIXES)
		if (existsSync(file + suffix)) renameSync(file + suffix, join(kept, basename(file) + suffix));
	return kept;
}

/** Takes a database away. */
export function removeFile(file: string): void {
	for (const suffix of SUFFIXES) rmSync(file + suffix, { force: true });
}

async function replaceBy(
	database: string,
	file: string,
	wrong: (gone: readonly string[]) => string | null
): Promise<string | null> {
	const coming = `${database}.coming`;
	try {
		await unpack(file, coming).catch((error: unknown) => {
			throw new Trouble(
				`${file} cannot be unpacked (${(error as { code?: string }).code ?? 'damaged'}). Nothing was changed.`
			);
		});
		const fault = faultOf(coming);
		if (fault) throw new Trouble(`${file} is no whole backup: ${fault}. Nothing was changed.`);
		const words = wrong(migrationsIn(coming));
		if (words) throw new Trouble(words);
		const kept = keepAside(database, 'replaced');
		renameSync(coming, database);
		return kept;
	} finally {
		removeFile(coming);
	}
}

/** Data in a file. Only its owner may read it. */
export const filePlace = (file: string): Place => ({
	words: file,
	ending: '.sqlite.gz',
	isThere: () => existsSync(file),
	connect: () => connectFile(file),
	prepare: async (_db, work) => {
		await work();
		if (existsSync(file) && (statSync(file).mode & 0o077) !== 0) chmodSync(file, OWNER_ONLY);
	},
	hold: (what) => {
		const giveBack = ownFolder(dirname(file), what);
		return Promise.resolve(() => Promise.resolve(giveBack()));
	},
	saveAs: (to) => saveCopyAs(file, to),
	replaceBy: (from, wrong) => replaceBy(file, from, wrong),
	clear: () => Promise.resolve(removeFile(file)),
	waitingBytes: () => (existsSync(`${file}-wal`) ? statSync(`${file}-wal`).size : 0)
});
