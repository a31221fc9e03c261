import { resolve } from 'node:path';

/** Folder of the database and files, from `ROTALUX_DATA`; the shop's own under the project when it is not set. */
export function dataFolder(env: NodeJS.ProcessEnv = process.env): string {
	return resolve(env.ROTALUX_DATA ?? '.rotalux/shop');
}

/** Where the practice is, under the folder of the shop. */
export const PRACTICE_FOLDER = 'practice';
