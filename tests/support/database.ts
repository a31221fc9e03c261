import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { onTestFinished } from 'vitest';
import { openDatabase } from '../../src/lib/server/db/connection';
import { demoDocument } from '../../src/lib/server/demo/document';
export { kitContextOn } from './kit-context';
export { putRecords } from './put-records';
import { findKit } from '../../src/lib/server/repositories/kits';
import { kitSheet, type KitContext } from '../../src/lib/server/services/kits';
import { importDocument } from '../../src/lib/server/services/exchange';

/** A database in a folder of its own, closed and removed after the test. */
export async function freshDatabase(
	prepare: (folder: string) => void = () => undefined
): Promise<{ db: Knex; folder: string }> {
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-test-'));
	prepare(folder);
	const db = await openDatabase(folder);
	onTestFinished(async () => {
		await db.destroy();
		rmSync(folder, { recursive: true, force: true });
	});
	return { db, folder };
}

let template: Promise<string> | undefined;

/** A folder with the demo data, loaded once for all tests of a process. */
async function demoFolder(): Promise<string> {
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-demo-'));
	const db = await openDatabase(folder);
	await importDocument(db, demoDocument(), { now: '2026-01-01T00:00:00.000Z' });
	await db.destroy();
	process.once('exit', () => rmSync(folder, { recursive: true, force: true }));
	return folder;
}

/** A fresh database with the demo data in it. */
export async function demoDatabase(): Promise<{ db: Knex; folder: string }> {
	template ??= demoFolder();
	const from = await template;
	return freshDatabase((folder) => cpSync(from, folder, { recursive: true }));
}

/** Something found for everything that wants a signature on a kit. */
export async function allLookedAt(ctx: KitContext, id: string): Promise<Record<string, string>> {
	const kit = await findKit(ctx.db, id);
	const sheet = kit && (await kitSheet(ctx.db, kit.configurationId, { id }));
	return Object.fromEntries((sheet?.toSign ?? []).map((wanted) => [wanted.id, 'looked at']));
}
