import {
	existsSync,
	mkdirSync,
	readdirSync,
	readFileSync,
	statSync,
	truncateSync,
	utimesSync,
	writeFileSync
} from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { describe, expect, it } from 'vitest';
import { demoDatabase, freshDatabase } from '../../../../tests/support/database';
import { dumpOf } from '../../../../tests/support/dump';
import { openDatabase, quickCheck } from '../db/connection';
import { DATABASE_FILE } from '../db/where';
import { MIGRATIONS } from '../db/migrations';
import { hold } from '../db/hold';
import { ownFolder } from '../db/sqlite/owner';
import { loadDemo } from '../demo/load';
import { backUp, listBackups, restore } from './backups';
import { examine } from './doctor';
import { changePolicy } from './policy';

describe('a backup', () => {
	it('of a database in use comes back as it was; what stood there is kept', async () => {
		const { db, folder } = await demoDatabase();
		const before = await dumpOf(db);
		const saved = await backUp(folder);
		expect(statSync(saved.file).mode & 0o077).toBe(0);
		await changePolicy(db, { headlamps: 'signals-only' });
		await db.destroy();
		const { kept } = await restore(folder, saved.file);
		const again = await openDatabase(folder);
		expect(await dumpOf(again)).toBe(before);
		await again.destroy();
		const aside = new Database(join(kept ?? '', DATABASE_FILE));
		expect(aside.prepare(`select value from settings where key = 'policy'`).pluck().get()).toContain('signals-only');
		aside.close();
	});

	it('fourteen of the newest stay, and the newest of each month', async () => {
		const { folder } = await demoDatabase();
		const names = Array.from({ length: 60 }, (_, i) => new Date(Date.UTC(2026, 0, 1 + 3 * i))).map(
			(day) => `rotalux-${day.toISOString().slice(0, 10).replaceAll('-', '')}T020000Z.sqlite.gz`
		);
		mkdirSync(join(folder, 'backups'), { recursive: true });
		for (const name of names) writeFileSync(join(folder, 'backups', name), '');
		await backUp(folder);
		const left = readdirSync(join(folder, 'backups'));
		expect(names.slice(-13).every((name) => left.includes(name))).toBe(true);
		expect(left.filter((name) => name.startsWith('rotalux-202601'))).toHaveLength(1);
		expect(left.length).toBeLessThan(24);
	});

	it.each<[string, (file: string) => void, RegExp]>([
		['cut off in the middle', (file) => truncateSync(file, 2000), /cannot be unpacked|no whole backup/],
		['no backup at all', (file) => writeFileSync(file, 'a shopping list'), /no whole backup/],
		[
			'a database of something else',
			(file) =>
				new Database(`${file}.x`).exec('create table t (a)').close() && writeFileSync(file, readFileSync(`${file}.x`)),
			/not a database of Rotalux/
		]
	])('that is %s is refused, and nothing is changed', async (_, spoil, words) => {
		const { db, folder } = await demoDatabase();
		const before = await dumpOf(db);
		const { file } = await backUp(folder, join(folder, 'mine.gz'));
		spoil(file);
		await expect(restore(folder, file)).rejects.toThrow(words);
		expect(await dumpOf(db)).toBe(before);
	});

	it('of a newer version is refused by its name', async () => {
		const { db, folder } = await demoDatabase();
		await db('knex_migrations').insert({ name: '9999-of-tomorrow', batch: 9, migration_time: 0 });
		const { file } = await backUp(folder, join(folder, 'mine.gz'));
		await expect(restore(folder, file)).rejects.toThrow('newer Rotalux (9999-of-tomorrow)');
		await expect(openDatabase(folder)).rejects.toThrow('newer Rotalux (9999-of-tomorrow)');
	});

	it('is made before every migration', async () => {
		const { db, folder } = await freshDatabase();
		await db.migrate.down({ migrationSource: (await import('../db/migrations')).migrations });
		await db.destroy();
		await (await openDatabase(folder)).destroy();
		expect(listBackups(folder).map(({ file }) => file)).toEqual([
			expect.stringContaining(`before-${MIGRATIONS.at(-1)}-`)
		]);
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

describe('the doctor', () => {
	it('finds nothing wrong with the demo but what is: no backup', async () => {
		const { db, folder } = await demoDatabase();
		const found = await examine(db, folder);
		expect(found.checks.filter(({ ok }) => !ok).map(({ name }) => name)).toEqual(['backups']);
		await backUp(folder);
		expect(await examine(db, folder)).toMatchObject({ ok: true });
	});

	it.each<[string, string, (db: Awaited<ReturnType<typeof openDatabase>>) => Promise<unknown>]>([
		[
			'history',
			'a record changed behind its history',
			(db) =>
				db('configurations')
					.where({ id: 'fenholm-skerry-ii-2017' })
					.update({ document: JSON.stringify({ id: 'x', sockets: [] }) })
					.then(() =>
						db('events')
							.where({ record: 'configuration:fenholm-skerry-ii-2017' })
							.update({ backward: '[{"op":"remove","path":"/nothing"}]' })
					)
		],
		[
			'orphans',
			'search words of a vehicle that is gone',
			(db) => db('configuration_search').insert({ id: 'gone', words: 'gone' })
		],
		[
			'clock',
			'a clock that ran back',
			(db) =>
				db('events').insert([
					{ record: 'a', at: '2026-11-27T10:00:00Z', kind: 'change', what: '', forward: '[]', backward: '[]' },
					{ record: 'a', at: '2026-11-27T09:00:00Z', kind: 'change', what: '', forward: '[]', backward: '[]' }
				])
		],
		[
			'export',
			'a document no reader takes',
			(db) => db('products').where({ id: 'GL-P21-RD' }).update({ document: '{"id":"GL-P21-RD"}' })
		]
	])('%s: finds %s', async (name, _, spoil) => {
		const { db, folder } = await demoDatabase();
		await spoil(db);
		const { checks } = await examine(db, folder);
		expect(checks.find((check) => check.name === name)?.ok).toBe(false);
	});

	it('a damaged file is said at the start', async () => {
		const { db, folder } = await demoDatabase();
		await db.raw('PRAGMA wal_checkpoint(TRUNCATE)');
		await db.destroy();
		const file = join(folder, DATABASE_FILE);
		const { size } = statSync(file);
		const { openSync, writeSync, closeSync } = await import('node:fs');
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
});
