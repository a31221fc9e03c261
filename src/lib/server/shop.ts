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

const letters = (count: number) => Array.from(randomBytes(count), (byte) => ALPHABET[byte % ALPHABET.length]).join('');

const newId = () => `K${letters(6)}`;

/** Twelve of 32 letters are 60 random bits. In fours, to be read out. */
const newCode = () => [letters(4), letters(4), letters(4)].join('-');

/** What kit services need from the running shop. */
export async function kitContext(): Promise<KitContext> {
	return {
		db: await database(),
		solver: poolSolver,
		now: () => new Date().toISOString(),
		newId,
		newCode,
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
