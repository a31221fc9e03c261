import { mkdirSync, readdirSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { demoDatabase, freshDatabase } from '../../../../tests/support/database';
import { dumpOf } from '../../../../tests/support/dump';
import { changeAlways } from '../db/change';
import { openDatabase } from '../db/connection';
import { MIGRATIONS } from '../db/migrations';
import { putWords } from '../db/text-search';
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
		expect(kept).toMatch(/replaced/);
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
		['no backup at all', (file) => writeFileSync(file, 'a shopping list'), /no whole backup/]
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
		await db('knex_migrations').insert({
			name: '9999-of-tomorrow',
			batch: 9,
			migration_time: new Date(0).toISOString()
		});
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
			(db) => changeAlways(db, (tx) => putWords(tx, 'configuration_search', [{ id: 'gone', words: 'gone' }]))
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
});
