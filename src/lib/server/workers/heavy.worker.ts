import type { Knex } from 'knex';
import type { MessagePort } from 'node:worker_threads';
import type { PricingWatch } from '../../core/kit';
import type { SolveProgress } from '../../core/solver';
import { seenFrom } from '../db/branch';
import { openDatabase } from '../db/connection';
import { HEAVY, type HeavyName } from '../services/heavy';
import { highsSolver } from '../solver/highs';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** One piece of heavy work; the port takes out how far it is. */
export interface HeavyTask {
	what: HeavyName;
	folder: string;
	branch: string | null;
	asked: unknown[];
	port?: MessagePort;
}

/** What comes out of the port. */
export type HeavyWord = { progress: SolveProgress } | { priced: { done: number; of: number } };

const opened = new Map<string, Promise<Knex>>();

/** The database of a folder, with all that this thread remembers of it. */
function databaseIn(folder: string): Promise<Knex> {
	const there = opened.get(folder) ?? openDatabase(folder);
	opened.set(folder, there);
	return there;
}

function watchThrough(port: MessagePort): PricingWatch {
	const say = (word: HeavyWord) => port.postMessage(word);
	return {
		onProgress: (progress) => say({ progress }),
		onPriced: (done, of) => say({ priced: { done, of } })
	};
}

type AnyWork = (tools: { db: Knex; solver: typeof highsSolver; watch?: PricingWatch }, ...asked: unknown[]) => unknown;

/** Does a piece of heavy work in this thread. */
export default async function work({ what, folder, branch, asked, port }: HeavyTask): Promise<unknown> {
	try {
		const db = seenFrom(await databaseIn(folder), branch);
		const tools = { db, solver: highsSolver, ...(port ? { watch: watchThrough(port) } : {}) };
		return await (HEAVY[what] as AnyWork)(tools, ...asked);
	} finally {
		port?.close();
	}
}
