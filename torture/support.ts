import { spawnSync, type SpawnSyncReturns } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { openDatabase } from '../src/lib/server/db/connection';
import { serve, type Served } from '../tests/support/served';

/** What came of one kind of torture. */
export interface Outcome {
	/** What was done how often, in words. */
	tried: string;
	/** What went wrong, one sentence each; empty when everything held. */
	wrong: string[];
}

/** How much is tried: 1 is a few seconds each, for every test run. */
export type Effort = number;

const CLI = 'node_modules/.rotalux-cli/main.js';

/** The command line on a data folder, beside whatever runs there. */
export const cli = (folder: string, ...asked: string[]): SpawnSyncReturns<string> =>
	spawnSync(process.execPath, [CLI, ...asked], {
		encoding: 'utf8',
		maxBuffer: 1e9,
		env: { ...process.env, ROTALUX_DATA: folder, ROTALUX_KEEP: 'off' }
	});

const made: string[] = [];

/** A new folder that is removed in the end. */
export function scratch(name: string): string {
	const folder = mkdtempSync(join(tmpdir(), `rotalux-${name}-`));
	made.push(folder);
	return folder;
}

/** Removes every folder that was made. */
export function cleanUp(): void {
	for (const folder of made.splice(0)) rmSync(folder, { recursive: true, force: true });
}

let template: string | undefined;

/** A data folder with the demo in it. */
export function demoFolder(name: string): string {
	if (!template || !existsSync(template)) {
		template = scratch('template');
		const loaded = cli(template, 'load-demo');
		if (loaded.status !== 0) throw new Error(`The demo could not be loaded: ${loaded.stderr}`);
	}
	const folder = scratch(name);
	cpSync(template, folder, { recursive: true });
	return folder;
}

/** Looks at a data folder without a server, then lets go of it. */
export async function inside<T>(folder: string, look: (db: Knex) => Promise<T>): Promise<T> {
	const db = await openDatabase(folder);
	try {
		return await look(db);
	} finally {
		await db.destroy();
	}
}

/** Runs work with a server on a folder, and stops the server whatever comes of it. */
export async function whileServed<T>(
	folder: string,
	work: (served: Served) => Promise<T>,
	env: Record<string, string> = {}
): Promise<T> {
	const served = await serve(folder, env);
	try {
		return await work(served);
	} finally {
		await served.stop();
	}
}

export const VEHICLE = 'fenholm-sound-2015';
export const SOCKET = 'stop-L';

/** What a server says of one request. */
export interface Answer {
	status: number;
	text: string;
	ms: number;
	headers: Headers;
}

/** Sends one request as a page of the server itself would. */
export async function ask(
	{ address }: Pick<Served, 'address'>,
	path: string,
	{ headers = {}, ...init }: Omit<RequestInit, 'headers'> & { headers?: Record<string, string> } = {}
): Promise<Answer> {
	const began = performance.now();
	const origin: Record<string, string> = init.method && init.method !== 'GET' ? { origin: address } : {};
	const response = await fetch(address + path, { redirect: 'manual', ...init, headers: { ...origin, ...headers } });
	const text = await response.text();
	return { status: response.status, text, ms: performance.now() - began, headers: response.headers };
}

/** Sends a form to an action. */
export const send = (served: Pick<Served, 'address'>, path: string, fields: Record<string, string>): Promise<Answer> =>
	ask(served, path, {
		method: 'POST',
		headers: { accept: 'application/json', 'x-sveltekit-action': 'true' },
		body: new URLSearchParams(fields)
	});

/** Says something of a socket under a note that is found again in the history. */
export const note = (served: Pick<Served, 'address'>, words: string, base = 1_000_000_000): Promise<Answer> =>
	ask(served, `/vehicles/${VEHICLE}/record`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({
			base,
			command: {
				kind: 'claim',
				subject: { kind: 'socket', id: SOCKET },
				facts: { 'envelope.frontDiameter': 20 + (words.length % 20) + words.charCodeAt(words.length - 1) / 1000 },
				source: 'in-hand',
				note: words
			}
		})
	});

/** Notes that stand in the history of a database. */
export async function notesIn(db: Knex): Promise<string> {
	const rows: { forward: string }[] = await db('events').select('forward');
	return rows.map(({ forward }) => forward).join('\n');
}

/** Which of some notes a history lacks. Every note ends in a dot, so that none is the beginning of another. */
export const missing = (notes: readonly string[], history: string): string[] =>
	notes.filter((words) => !history.includes(words));
