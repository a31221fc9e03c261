import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { onTestFinished } from 'vitest';
import { openDatabase } from '../../src/lib/server/db/connection';
import { demoDocument } from '../../src/lib/server/demo/document';
export { kitContextOn } from './kit-context';
export { putRecords } from './put-records';
import { databaseOnServer, dropOnServer, TEST_SERVER } from './server-database';
import { findKit } from '../../src/lib/server/repositories/kits';
import { kitSheet, type KitContext } from '../../src/lib/server/services/kits';
import { importDocument } from '../../src/lib/server/services/exchange';

/** A database in a folder of its own, or on the server of the tests: closed and removed after the test. */
export async function freshDatabase(): Promise<{ db: Knex; folder: string }> {
	empty ??= templateWith(() => Promise.resolve());
	return copyOf(await empty);
}

/** Data that are copied for each test. */
interface Template {
	folder: string;
	/** Where they are on the server of the tests. */
	url: string | null;
}

let empty: Promise<Template> | undefined;
let demo: Promise<Template> | undefined;

/** Data made once for all tests of a process. */
async function templateWith(fill: (db: Knex) => Promise<unknown>): Promise<Template> {
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-like-'));
	const url = TEST_SERVER ? await databaseOnServer(folder) : null;
	const db = await openDatabase(folder);
	await fill(db);
	await db.destroy();
	process.once('exit', () => rmSync(folder, { recursive: true, force: true }));
	return { folder, url };
}

/** A database, and what takes it away. */
interface Kept {
	db: Knex;
	folder: string;
	close: () => Promise<void>;
}

async function keptCopyOf({ folder: from, url }: Template): Promise<Kept> {
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-test-'));
	const own = url === null ? null : await databaseOnServer(folder, url);
	if (own === null) cpSync(from, folder, { recursive: true });
	const db = await openDatabase(folder);
	const close = async () => {
		await db.destroy();
		if (own !== null) await dropOnServer(own);
		rmSync(folder, { recursive: true, force: true });
	};
	return { db, folder, close };
}

async function copyOf(template: Template): Promise<{ db: Knex; folder: string }> {
	const { close, ...kept } = await keptCopyOf(template);
	onTestFinished(close);
	return kept;
}

/** A fresh database for all tests of a file, which takes it away itself. */
export async function databaseForAll(): Promise<Kept> {
	empty ??= templateWith(() => Promise.resolve());
	return keptCopyOf(await empty);
}

/** A fresh database with the demo data in it. */
export async function demoDatabase(): Promise<{ db: Knex; folder: string }> {
	demo ??= templateWith((db) => importDocument(db, demoDocument(), { now: '2026-01-01T00:00:00.000Z' }));
	return copyOf(await demo);
}

/** Something found for everything that wants a signature on a kit. */
export async function allLookedAt(ctx: KitContext, id: string): Promise<Record<string, string>> {
	const kit = await findKit(ctx.db, id);
	const sheet = kit && (await kitSheet(ctx.db, kit.configurationId, { id }));
	return Object.fromEntries((sheet?.toSign ?? []).map((wanted) => [wanted.id, 'looked at']));
}
