import { randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import { dataFolder } from './config';
import { seenFrom } from './db/branch';
import { openDatabase, quickCheck } from './db/connection';
import { placeOf } from './db/places';
import { log } from './log';
import { branchHere } from './request-here';
import { clockBehind } from './repositories/events';
import { countTogether } from './access/limits';
import { ask, ASK_MS } from './asking';
import { nowAndThen } from './now-and-then';
import { closePractice } from './practice-folder';
import { startKeeping, stopKeeping } from './keeping';
import { CounterLog } from './services/counter-log';
import type { KitContext } from './services/kits';
import { shareSolves, watchedSolve } from './workers/solves';
import { CoverRuns } from './workers/cover';
import { BulkKits } from './workers/bulk-kits';
import { jobsOf, type Jobs } from './jobs';
import { Imports } from './workers/imports';
import { inThread, kitWorkInThreads, stopHeavy } from './workers/heavy';
import { Messages } from './workers/messages';

let opened: Promise<Knex> | undefined;
let giveBack: (() => Promise<void>) | undefined;

/**
 * Takes the data folder for this server and opens it: nobody else serves or replaces it meanwhile.
 * @throws Trouble with one sentence when somebody has it, or the database is damaged or of a newer version
 */
export async function openShop(): Promise<void> {
	giveBack ??= await placeOf(dataFolder()).hold('the Rotalux server', 'to-serve');
	await quickCheck(await database());
	const behind = await clockBehind(await database(), Date.now());
	if (behind > 0) log.warn({ seconds: behind }, 'the clock is behind the last change; changes are ordered by number');
	countTogether(await database());
	shareSolves(await jobs());
	startKeeping(dataFolder());
	await startChores();
	await imports.start();
	await cover.start();
	await bulk.start();
	await messages.start();
}

/** The shop's database, opened on first use, as it is seen from where somebody works: the branch of the request under way, or the first one. */
export async function database(): Promise<Knex> {
	opened ??= openDatabase(dataFolder());
	return seenFrom(await opened, branchHere());
}

let lines: Promise<Jobs> | undefined;

/** The shop's work in line, and what its processes say to one another. */
export function jobs(): Promise<Jobs> {
	lines ??= database().then((db) => jobsOf(db, dataFolder()));
	return lines;
}

/** Imports of the shop. */
export const imports = new Imports(dataFolder, database, jobs);

/** The cover of the shop. */
export const cover = new CoverRuns(dataFolder, database, jobs);

/** What programs that want to know are told. */
export const messages = new Messages(database, jobs, () => inThread(dataFolder(), { what: 'broken', asked: [] }));

/** Kits of the shop that nobody waits for. */
export const bulk = new BulkKits(kitContext, jobs);

/** How long questions at the counter wait to be written together, ms. */
const LOG_AFTER_MS = 5000;

/** What is done by itself from time to time, by one of the processes that could. */
const CHORES: Readonly<Record<string, () => Promise<void>>> = {
	ask: () => ask(database),
	flagged: () => messages.lookOver()
};

let stopAsking: () => void = () => undefined;

async function startChores(): Promise<void> {
	const line = await jobs();
	await line.work('chore', async (name) => CHORES[name]?.());
	stopAsking = nowAndThen('asking the supplier', ASK_MS, () => line.send('chore', 'ask'));
}

/** What was asked at the counter, on its way to the demand of the shop. */
export const counterLog = new CounterLog(database, LOG_AFTER_MS, (error) =>
	log.warn({ err: error }, 'questions at the counter were not counted')
);

/** Letters and digits that cannot be taken for one another when read aloud. */
const ALPHABET = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

const letters = (count: number) => Array.from(randomBytes(count), (byte) => ALPHABET[byte % ALPHABET.length]).join('');

const newId = () => `K${letters(6)}`;

/** An id for a fitting that nobody has. */
export const newFittingId = (): string => `F${letters(8)}`;

/** An id for a sale that nobody has. */
export const newSaleId = (): string => `S${letters(7)}`;

/** Twelve of 32 letters are 60 random bits. In fours, to be read out. */
const newCode = () => [letters(4), letters(4), letters(4)].join('-');

/** What kit services need from the running shop, at a branch. */
export async function kitContext(branch = branchHere()): Promise<KitContext> {
	return {
		db: seenFrom(await database(), branch),
		work: kitWorkInThreads(dataFolder(), branch),
		now: () => new Date().toISOString(),
		newId,
		newCode,
		watched: watchedSolve
	};
}

/** Closes what was opened: first what takes work, then what it works on. */
export async function closeShop(): Promise<void> {
	stopKeeping();
	stopAsking();
	bulk.stop();
	messages.stop();
	await counterLog.write();
	await (await lines)?.stop();
	await imports.stop();
	await cover.stop();
	await stopHeavy();
	const db = await opened;
	opened = undefined;
	await db?.destroy();
	await closePractice();
	await giveBack?.();
	giveBack = undefined;
}
