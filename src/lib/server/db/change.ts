import type { Knex } from 'knex';
import { setTimeout as pause } from 'node:timers/promises';
import { err, type Result } from '../../core/result';
import { engineOf } from './engines';
import { isBusy } from './failure';
import type { Tx } from './tx';

export type { Tx };

/** How long a change waits for another process that is writing, ms, and how often it looks. */
const PATIENCE_MS = 5_000;
const FIRST_PAUSE_MS = 5;
const LONGEST_PAUSE_MS = 100;

/** Carries a refusal out of a transaction, so that all it has written is undone. */
class Refused extends Error {
	constructor(readonly result: Result<never, unknown>) {
		super('refused');
	}
}

/** Numbers of the changes that are under way, by their connections: whoever sees one from a branch has the same. */
const numbers = new WeakMap<object, number>();

/** Takes the right to write at once, so that nobody else can come between what is read and what is written. */
async function beginWriting(tx: Knex): Promise<void> {
	await engineOf(tx).waitAtMost(tx, PATIENCE_MS);
	const [row] = (await tx('writes').increment('number', 1).returning('number')) as { number: number }[];
	numbers.set(tx.client as object, row?.number ?? 0);
}

/** The number of a change: they are counted as they come. */
export function numberOf(tx: Tx): number {
	const number = numbers.get(tx.client as object);
	if (number === undefined) throw new Error('This is no change.');
	return number;
}

async function attempt<T, E>(db: Knex, work: (tx: Tx) => Promise<Result<T, E>>): Promise<Result<T, E>> {
	try {
		return await db.transaction(async (trx) => {
			await beginWriting(trx);
			const result = await work(trx as unknown as Tx);
			if (!result.ok) throw new Refused(result as Result<never, unknown>);
			return result;
		});
	} catch (error) {
		if (error instanceof Refused) return error.result as Result<T, E>;
		throw error;
	}
}

/**
 * The one way to change data: all of it or nothing. An error result rolls back just as a failure does, so a refusal leaves the database as
 * it was. While another process writes, it waits without keeping anybody from reading.
 * @throws Error of the driver; such that `isBusy` when somebody else has been writing for five seconds
 */
export async function change<T, E>(db: Knex, work: (tx: Tx) => Promise<Result<T, E>>): Promise<Result<T, E>> {
	const until = Date.now() + PATIENCE_MS;
	for (let wait = FIRST_PAUSE_MS; ; wait = Math.min(2 * wait, LONGEST_PAUSE_MS)) {
		try {
			return await attempt(db, work);
		} catch (error) {
			if (!isBusy(error) || Date.now() > until) throw error;
			await pause(wait);
		}
	}
}

/** A change that nothing can speak against. */
export async function changeAlways<T>(db: Knex, work: (tx: Tx) => Promise<T>): Promise<T> {
	const done = await change<T, never>(db, async (tx) => ({ ok: true, value: await work(tx) }));
	if (!done.ok) throw new Error('A change that cannot be refused was refused.');
	return done.value;
}

/** Reads everything as it stands at one moment, while others go on. */
export const asOfNow = <T>(db: Knex, work: (db: Knex) => Promise<T>): Promise<T> =>
	db.transaction(work, engineOf(db).snapshot);

/** Looks at everything as it stands at one moment, while nobody writes. What it writes itself is undone. */
export async function whileNobodyWrites<T>(db: Knex, work: (db: Knex) => Promise<T>): Promise<T> {
	let answer: { found: T } | undefined;
	await change(db, async (tx) => {
		answer = { found: await work(tx) };
		return err('looked');
	});
	if (!answer) throw new Error('Nobody looked.');
	return answer.found;
}
