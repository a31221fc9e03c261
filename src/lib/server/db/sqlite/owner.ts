import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { isBusy, Trouble } from '../failure';

/** Held by the operating system for as long as its process lives, so that a crash leaves nothing behind. */
const LOCK_FILE = 'rotalux.owner';
/** Says whose it is, for a sentence to whoever comes second. */
const NAME_FILE = 'rotalux.owner.json';

/** Who works in a data folder. */
interface Owner {
	what: string;
	pid: number;
	host: string;
	since: string;
}

function named(folder: string): string {
	try {
		const { what, pid, host, since } = JSON.parse(readFileSync(join(folder, NAME_FILE), 'utf8')) as Owner;
		return `${what} (process ${pid} on ${host}, since ${since})`;
	} catch {
		return 'another process';
	}
}

/**
 * Takes a data folder for one process. The command line reads and writes beside a server; what replaces the database or serves it has to own it.
 * @param what what the owner is, for others to read. @example "the Rotalux server"
 * @returns gives it back
 * @throws Trouble with one sentence when somebody else has it
 */
export function ownFolder(folder: string, what: string): () => void {
	mkdirSync(folder, { recursive: true });
	const lock = new Database(join(folder, LOCK_FILE));
	try {
		lock.pragma('busy_timeout = 0');
		lock.pragma('locking_mode = EXCLUSIVE');
		lock.exec('BEGIN EXCLUSIVE');
	} catch (error) {
		lock.close();
		if (!isBusy(error)) throw error;
		throw new Trouble(
			`${folder} is in use by ${named(folder)}. Stop it first, or point ROTALUX_DATA at another folder.`
		);
	}
	const owner: Owner = { what, pid: process.pid, host: hostname(), since: new Date().toISOString() };
	writeFileSync(join(folder, NAME_FILE), JSON.stringify(owner), { mode: 0o600 });
	let held = true;
	return () => {
		if (!held) return;
		held = false;
		rmSync(join(folder, NAME_FILE), { force: true });
		lock.close();
	};
}
