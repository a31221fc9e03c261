import { randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import { dataFolder } from './config';
import { openDatabase } from './db/connection';
import type { KitContext } from './services/kits';
import { watchedSolve } from './workers/solves';
import { stopImports } from './workers/imports';
import { poolSolver, stopPool } from './workers/pool';

let opened: Promise<Knex> | undefined;

/** The shop's database, opened on first use. */
export function database(): Promise<Knex> {
	opened ??= openDatabase(dataFolder());
	return opened;
}

/** Letters and digits that cannot be taken for one another when read aloud. */
const ALPHABET = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

function newId(): string {
	return `K${Array.from(randomBytes(6), (byte) => ALPHABET[byte % ALPHABET.length]).join('')}`;
}

/** What kit services need from the running shop. */
export async function kitContext(): Promise<KitContext> {
	return {
		db: await database(),
		solver: poolSolver,
		now: () => new Date().toISOString(),
		newId,
		watched: watchedSolve
	};
}

/** Closes what was opened. */
export async function closeShop(): Promise<void> {
	const db = await opened;
	opened = undefined;
	await db?.destroy();
	await stopPool();
	await stopImports();
}
