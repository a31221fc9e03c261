import { statfsSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';
import { dataFolder } from '../config';
import { placeOf } from '../db/places';
import { whereIs, type Where } from '../db/where';
import { databaseFailure } from '../db/failure';
import { clockBehind } from '../repositories/events';
import { cover, database, imports } from '../shop';
import { solvesUnderWay } from '../workers/solves';
import { listBackups } from './backups';

/** How a server stands, for whoever watches it. */
export interface Readiness {
	ready: boolean;
	/** Why it is not ready, in a sentence; null when it is. */
	trouble: string | null;
	/** What the data are kept by. */
	engine: Where['engine'];
	/** Bytes of the write-ahead log of a file, and bytes that are free on the disk of this machine. */
	logBytes: number;
	freeBytes: number;
	/** Age of the last backup, h; null when there is none. */
	backupHours: number | null;
	/** How far the clock is behind the last change, s. */
	clockBehind: number;
	/** What is under way in this process. */
	solves: number;
	imports: number;
	covers: number;
}

/** How long whoever watches waits for the database, ms. */
const PATIENCE_MS = 5000;
const NO_ANSWER = 'The database does not answer.';

const LEAST_FREE = 20_000_000;
const HOUR_MS = 3600 * 1000;

/** Looks how this server stands. */
export async function readiness(): Promise<Readiness> {
	const folder = dataFolder();
	const [last] = listBackups(folder);
	const { bavail, bsize } = statfsSync(folder);
	let behind = 0;
	const answered = database()
		.then(async (db) => (behind = await clockBehind(db, Date.now())))
		.then(
			() => null,
			(error: unknown) => databaseFailure(error) ?? NO_ANSWER
		);
	const trouble = await Promise.race([answered, pause(PATIENCE_MS, NO_ANSWER, { ref: false })]);
	const freeBytes = bavail * bsize;
	const full = freeBytes < LEAST_FREE ? 'The disk is almost full.' : null;
	return {
		ready: trouble === null && full === null,
		trouble: trouble ?? full,
		engine: whereIs(folder).engine,
		logBytes: placeOf(folder).waitingBytes() ?? 0,
		freeBytes,
		backupHours: last ? Math.round((Date.now() - Date.parse(last.at)) / HOUR_MS) : null,
		clockBehind: behind,
		solves: solvesUnderWay(),
		imports: imports.underWay,
		covers: cover.isHere ? 1 : 0
	};
}
