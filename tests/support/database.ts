import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { afterEach } from 'vitest';
import { openDatabase } from '../../src/lib/server/db/connection';
import { demoDocument } from '../../src/lib/server/demo/load';
import { importDocument } from '../../src/lib/server/services/exchange';

const opened: { db: Knex; folder: string }[] = [];

/** A database in a folder of its own, closed and removed after the test. */
export async function freshDatabase(): Promise<{ db: Knex; folder: string }> {
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-test-'));
	const db = await openDatabase(folder);
	opened.push({ db, folder });
	return { db, folder };
}

/** A fresh database with the demo data in it. */
export async function demoDatabase(): Promise<{ db: Knex; folder: string }> {
	const fresh = await freshDatabase();
	await importDocument(fresh.db, demoDocument(), '2026-01-01T00:00:00.000Z');
	return fresh;
}

afterEach(async () => {
	for (const { db, folder } of opened.splice(0)) {
		await db.destroy();
		rmSync(folder, { recursive: true, force: true });
	}
});
