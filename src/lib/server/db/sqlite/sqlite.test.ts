import { closeSync, existsSync, mkdtempSync, openSync, statSync, utimesSync, writeFileSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { describe, expect, it } from 'vitest';
import { demoDatabase, freshDatabase, putRecords } from '../../../../../tests/support/database';
import { dumpOf } from '../../../../../tests/support/dump';
import { makeConfiguration, STOP_SOCKET } from '../../../../../tests/support/make';
import { loadDemo } from '../../demo/load';
import { backUp, restore } from '../../services/backups';
import { changePolicy } from '../../services/policy';
import { openDatabase, quickCheck } from '../connection';
import { databaseFailure } from '../failure';
import { DATABASE_FILE } from '../where';
import { ownFolder } from './owner';

describe('a file', () => {
	it('keeps foreign keys, never sleeps on a writer, writes ahead, and what it acknowledged is on the disk', async () => {
		const { db } = await freshDatabase();
		const pragma = async (name: string) => Object.values((await db.raw(`pragma ${name}`))[0])[0];
		const FULL = 2;
		expect(await pragma('busy_timeout')).toBeLessThanOrEqual(20);
		expect([await pragma('foreign_keys'), await pragma('journal_mode'), await pragma('synchronous')]).toEqual([
			1,
			'wal',
			FULL
		]);
	});

	it('a locked database, a file in the way, a foreign file: one clear sentence each', async () => {
		const { db, folder } = await freshDatabase();
		await db.raw('pragma busy_timeout = 50');
		const other = new Database(join(folder, DATABASE_FILE));
		other.exec('begin immediate');
		const rows = db('writes').increment('number', 1);
		expect(await rows.then(() => null, databaseFailure)).toContain('Somebody else is writing just now');
		// A change waits for the other one, and does not keep anybody from reading meanwhile.
		const waiting = putRecords(db, { configurations: [makeConfiguration([STOP_SOCKET])] });
		expect(await db('configurations').count({ n: '*' })).toEqual([{ n: 0 }]);
		other.exec('rollback');
		await waiting;
		other.close();
		const foreign = mkdtempSync(join(tmpdir(), 'rotalux-foreign-'));
		writeFileSync(
			join(foreign, DATABASE_FILE),
			'this is a shopping list, not a database, and long enough to be looked at'
		);
		expect(await openDatabase(foreign).catch(databaseFailure)).toContain('not a Rotalux database');
		expect(await openDatabase(join(foreign, DATABASE_FILE, 'deeper')).catch(databaseFailure)).toContain('a file');
		expect(databaseFailure({ code: 'SQLITE_READONLY' })).toContain('read-only, so nothing was changed');
		expect(databaseFailure(new Error('something else'))).toBeNull();
	});

	it('a damaged file is said at the start', async () => {
		const { db, folder } = await demoDatabase();
		await db.raw('PRAGMA wal_checkpoint(TRUNCATE)');
		await db.destroy();
		const file = join(folder, DATABASE_FILE);
		const { size } = statSync(file);
		const handle = openSync(file, 'r+');
		for (let at = 8192; at < size; at += 4096) writeSync(handle, Buffer.alloc(64, 255), 0, 64, at);
		closeSync(handle);
		utimesSync(file, new Date(), new Date());
		const broken = await openDatabase(folder)
			.then(
				(again) => quickCheck(again).finally(() => again.destroy()),
				(error: unknown) => Promise.reject(error instanceof Error ? error : new Error(String(error)))
			)
			.then(
				() => null,
				(error: Error) => error
			);
		expect(broken?.message).toMatch(/damaged|malformed/);
	});

	it('of something else is no backup', async () => {
		const { db, folder } = await demoDatabase();
		const other = join(folder, 'other');
		new Database(other).exec('create table t (a)').close();
		const before = await dumpOf(db);
		await db.destroy();
		await expect(restore(folder, other)).rejects.toThrow(/not a database of Rotalux/);
		const again = await openDatabase(folder);
		expect(await dumpOf(again)).toBe(before);
		await again.destroy();
	});

	it('that was replaced is kept beside the one that came', async () => {
		const { db, folder } = await demoDatabase();
		const saved = await backUp(folder);
		await changePolicy(db, { headlamps: 'signals-only' });
		await db.destroy();
		const { kept } = await restore(folder, saved.file);
		const aside = new Database(join(kept ?? '', DATABASE_FILE));
		expect(aside.prepare(`select value from settings where key = 'policy'`).pluck().get()).toContain('signals-only');
		aside.close();
	});
});

describe('one owner of a data folder', () => {
	it('a second one, a reload of the demo and a restore are refused by name; afterwards they are not', async () => {
		const { folder, db } = await demoDatabase();
		await db.destroy();
		const { file } = await backUp(folder);
		const giveBack = ownFolder(folder, 'the Rotalux server');
		const words = new RegExp(`in use by the Rotalux server \\(process ${process.pid} `);
		expect(() => ownFolder(folder, 'another')).toThrow(words);
		await expect(restore(folder, file)).rejects.toThrow(words);
		await expect(loadDemo(folder, '2026-11-27T00:00:00.000Z')).rejects.toThrow(words);
		giveBack();
		ownFolder(folder, 'another')();
		expect(existsSync(join(folder, 'rotalux.owner.json'))).toBe(false);
	});
});
