import { existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { BACKUP_FOLDER } from '../db/connection';
import { Trouble } from '../db/failure';
import { MIGRATIONS } from '../db/migrations';
import { placeOf } from '../db/places';
import { isCopy, nameOfCopy, type SavedCopy } from '../db/saved-copy';

/** How many of the newest are kept, and for how many months the newest of each month. */
const NEWEST = 14;
const MONTHS = 12;
const DAILY = /^rotalux-(\d{4})(\d{2})\d{2}T\d{6}Z\.(?:sqlite\.gz|dump)$/;
/** Backups made before an update, and how many of them are kept. */
const BEFORE_UPDATE = /^before-.*-(\d{8}T\d{6}Z)\.(?:sqlite\.gz|dump)$/;
const UPDATES = 6;
const stampOf = (name: string) => BEFORE_UPDATE.exec(name)?.[1] ?? '';

/** Backups of a data folder, the newest first. */
export function listBackups(folder: string): SavedCopy[] {
	const at = join(folder, BACKUP_FOLDER);
	if (!existsSync(at)) return [];
	return readdirSync(at)
		.filter(isCopy)
		.map((name) => {
			const file = join(at, name);
			const { size, mtime } = statSync(file);
			return { file, bytes: size, at: mtime.toISOString() };
		})
		.sort((a, b) => b.at.localeCompare(a.at) || b.file.localeCompare(a.file));
}

/** Takes away what is older than anybody needs: the newest stay, and the newest of each month. */
function rotate(folder: string): void {
	const names = readdirSync(join(folder, BACKUP_FOLDER))
		.filter((name) => DAILY.test(name))
		.sort()
		.reverse();
	const months = new Map<string, string>();
	for (const name of names) {
		const [, year, month] = DAILY.exec(name) ?? [];
		const key = `${year}-${month}`;
		if (!months.has(key)) months.set(key, name);
	}
	const kept = new Set([...names.slice(0, NEWEST), ...[...months.values()].slice(0, MONTHS)]);
	const updates = readdirSync(join(folder, BACKUP_FOLDER))
		.filter((name) => BEFORE_UPDATE.test(name))
		.sort((a, b) => stampOf(b).localeCompare(stampOf(a)))
		.slice(UPDATES);
	for (const name of [...names.filter((one) => !kept.has(one)), ...updates])
		rmSync(join(folder, BACKUP_FOLDER, name), { force: true });
}

/**
 * Backs a data folder up while others work in it: copied as it stands at one moment, compressed, opened again.
 * @param file where to; among the folder's own backups when none is named
 */
export async function backUp(folder: string, file?: string): Promise<SavedCopy> {
	const place = placeOf(folder);
	if (file !== undefined) return place.saveAs(file);
	const saved = await place.saveAs(join(folder, BACKUP_FOLDER, nameOfCopy('rotalux', place)));
	rotate(folder);
	return saved;
}

/** What a restore did. */
export interface Restored {
	from: string;
	/** Folder, or schema, with what was there before; null when nothing was. */
	kept: string | null;
}

/** What is wrong with the migrations a backup has gone through; null when nothing is. */
function wrongWith(file: string, gone: readonly string[]): string | null {
	if (gone.length === 0) return `${file} is not a database of Rotalux. Nothing was changed.`;
	const newer = gone.find((name) => !MIGRATIONS.includes(name));
	return newer
		? `${file} was written by a newer Rotalux (${newer}); install that version first. Nothing was changed.`
		: null;
}

/**
 * Puts a backup in the place of the database. What was there is kept beside it.
 * @throws Trouble with one sentence: the file is no whole backup, of a newer version, or the data are in use. Nothing was changed then.
 */
export async function restore(folder: string, file: string): Promise<Restored> {
	if (!existsSync(file)) throw new Trouble(`There is no file ${file}. Nothing was changed.`);
	const place = placeOf(folder);
	const giveBack = await place.hold('a restore', 'to-replace');
	try {
		return { from: file, kept: await place.replaceBy(file, (gone) => wrongWith(file, gone)) };
	} finally {
		await giveBack();
	}
}
