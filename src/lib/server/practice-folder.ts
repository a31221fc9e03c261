import { join } from 'node:path';
import type { Knex } from 'knex';
import { dataFolder, PRACTICE_FOLDER } from './config';
import { openDatabase } from './db/connection';

/** True in the server of the practice's own shop, which is opened beside the shop. */
export const isPracticeShop = (env: NodeJS.ProcessEnv = process.env): boolean => env.ROTALUX_PRACTICE === 'on';

let opened: Promise<Knex> | undefined;

/** The database of the practice, in a folder of its own beside the shop's: nothing that is practised touches the shop. */
export function practiceDatabase(): Promise<Knex> {
	opened ??= openDatabase(join(dataFolder(), PRACTICE_FOLDER));
	return opened;
}

/** Closes what was opened. */
export async function closePractice(): Promise<void> {
	const db = await opened;
	opened = undefined;
	await db?.destroy();
}
