import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { placeOf } from './db/places';
import { log } from './log';
import { PRACTICE_FOLDER } from './config';
import { listBackups } from './services/backups';
import { saveInThread } from './workers/backups';

const HOUR_MS = 3600 * 1000;
const DAY_MS = 24 * HOUR_MS;

let timer: NodeJS.Timeout | undefined;

/** The folders that hold something of the shop: its own, and that of the practice where somebody has practised. */
const foldersOf = (shop: string): string[] =>
	[shop, join(shop, PRACTICE_FOLDER)].filter((folder) => existsSync(folder) && placeOf(folder).isThere());

/** Backs a folder up when its last backup is a day old. Every backup is opened again and checked in full, so this is the nightly check as well. */
async function keepOne(folder: string): Promise<void> {
	const [last] = listBackups(folder);
	if (last && Date.now() - Date.parse(last.at) < DAY_MS) return;
	try {
		await saveInThread(folder);
	} catch (error) {
		log.error({ err: error }, 'the daily backup failed');
	}
}

/** Backs up what is due, one folder after the other. */
export async function keep(shop: string): Promise<void> {
	for (const folder of foldersOf(shop)) await keepOne(folder);
}

/**
 * Looks every hour whether a backup is due, while the server runs. `ROTALUX_KEEP=off` leaves that to somebody else: of several processes one
 * keeps the backups.
 */
export function startKeeping(folder: string): void {
	if (timer || process.env.ROTALUX_KEEP === 'off') return;
	timer = setInterval(() => void keep(folder), HOUR_MS);
	timer.unref();
	void keep(folder);
}

/** Stops looking. */
export function stopKeeping(): void {
	clearInterval(timer);
	timer = undefined;
}
