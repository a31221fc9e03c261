import type { Knex } from 'knex';
import { receiveMessageOnPort, type MessagePort } from 'node:worker_threads';
import { seenFrom, WHOLE_CHAIN } from '../db/branch';
import { openDatabase } from '../db/connection';
import { COVER_QUESTIONS, type CoverQuestion } from '../services/cover/asked';
import type { CoverAsked, CoverTools } from '../services/cover/asked/tools';
import { coverSeenFrom } from '../services/cover/seen-cover';
import { coverIn, runCover } from '../services/cover/run';
import type { CoverProgress } from '../services/cover/kept-cover';
import { highsSolver } from '../solver/highs';

/** Where this file is, for the pool that runs it. */
export const url = import.meta.url;

/** A run of the cover, or a question to it. */
export type CoverTask =
	| { kind: 'run'; folder: string; port: MessagePort }
	| { kind: 'ask'; folder: string; branch: string | null; question: CoverQuestion; asked: unknown[] };

/** What comes out of the port of a run. */
export type CoverWord = CoverProgress;

const opened = new Map<string, Promise<Knex>>();

function databaseIn(folder: string): Promise<Knex> {
	const there = opened.get(folder) ?? openDatabase(folder);
	opened.set(folder, there);
	return there;
}

const now = () => new Date().toISOString();

async function run(db: Knex, port: MessagePort): Promise<boolean> {
	try {
		return await runCover(db, {
			now,
			onProgress: (progress) => port.postMessage(progress satisfies CoverWord),
			isStopped: () => receiveMessageOnPort(port) !== undefined
		});
	} finally {
		port.close();
	}
}

type AnyQuestion = (tools: CoverTools, ...asked: unknown[]) => unknown;

/** Works the cover of a folder out, or answers from it. Questions get their turn between the steps of a run. */
export default async function cover(task: CoverTask): Promise<unknown> {
	const db = await databaseIn(task.folder);
	if (task.kind === 'run') return run(db, task.port);
	const { cover: kept } = await coverIn(db);
	const isWhole = (task.asked[0] as Partial<CoverAsked> | undefined)?.shelves === 'chain';
	const seen = seenFrom(db, isWhole ? WHOLE_CHAIN : task.branch);
	const tools: CoverTools = { db: seen, cover: await coverSeenFrom(seen, kept), solver: highsSolver, now: now() };
	return (COVER_QUESTIONS[task.question] as AnyQuestion)(tools, ...task.asked);
}
