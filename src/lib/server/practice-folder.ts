import { join } from 'node:path';
import type { Knex } from 'knex';
import { dataFolder } from './config';
import { openDatabase } from './db/connection';

let opened: Promise<Knex> | undefined;

/** The database of the practice, in a folder of its own beside the shop's: nothing that is practised touches the shop. */
export function practiceDatabase(): Promise<Knex> {
	opened ??= openDatabase(join(dataFolder(), 'practice'));
	return opened;
}

/** Closes what was opened. */
export async function closePractice(): Promise<void> {
	const db = await opened;
	opened = undefined;
	await db?.destroy();
}
