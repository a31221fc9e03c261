import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { afterEach } from 'vitest';
import { openDatabase } from '../../src/lib/server/db/connection';
import { demoDocument } from '../../src/lib/server/demo/document';
import { highsSolver } from '../../src/lib/server/solver/highs';
import { findKit } from '../../src/lib/server/repositories/kits';
import { kitSheet, type KitContext } from '../../src/lib/server/services/kits';
import { watchedSolve } from '../../src/lib/server/workers/solves';
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

/** What kit services need, on a database of a test: one fixed time, ids K1, K2 and so on. */
export function kitContextOn(db: Knex, now = '2026-03-04T05:06:07.000Z'): KitContext {
	let id = 0;
	return { db, solver: highsSolver, now: () => now, newId: () => `K${++id}`, watched: watchedSolve };
}

afterEach(async () => {
	for (const { db, folder } of opened.splice(0)) {
		await db.destroy();
		rmSync(folder, { recursive: true, force: true });
	}
});

/** Something found for everything that wants a signature on a kit. */
export async function allLookedAt(ctx: KitContext, id: string): Promise<Record<string, string>> {
	const kit = await findKit(ctx.db, id);
	const sheet = kit && (await kitSheet(ctx.db, kit.configurationId, { id }));
	return Object.fromEntries((sheet?.toSign ?? []).map((wanted) => [wanted.id, 'looked at']));
}
