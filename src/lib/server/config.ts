import { resolve } from 'node:path';

/** Folder of the database and files, from `ROTALUX_DATA`; the shop's own under the project when it is not set. */
export function dataFolder(env: NodeJS.ProcessEnv = process.env): string {
	return resolve(env.ROTALUX_DATA ?? '.rotalux/shop');
}

const MEGABYTE = 1_000_000;
/** Without another word all pictures together take 20 GB at most. */
const USUAL_PICTURES_MB = 20_000;

/** Bytes that all pictures of the shop may take together, from `ROTALUX_PICTURES`, MB. */
export function mostPictureBytes(env: NodeJS.ProcessEnv = process.env): number {
	const said = Number(env.ROTALUX_PICTURES ?? USUAL_PICTURES_MB);
	return MEGABYTE * (Number.isFinite(said) && said >= 0 ? said : USUAL_PICTURES_MB);
}

/** Where the practice is, under the folder of the shop. */
export const PRACTICE_FOLDER = 'practice';
