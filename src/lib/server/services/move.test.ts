import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { describe, expect, it, onTestFinished } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { dumpOf } from '../../../../tests/support/dump';
import { databaseOnServer, dropOnServer, TEST_SERVER } from '../../../../tests/support/server-database';
import { createAccount } from '../access/accounts';
import { changeAlways } from '../db/change';
import { openDatabase } from '../db/connection';
import { engineOf } from '../db/engines';
import { placeOf } from '../db/places';
import { TABLE_NAMES } from '../db/tables';
import { ADDRESS_FILE, DATABASE_FILE } from '../db/where';
import { exportComplete } from './complete';
import { examine } from './doctor';
import { moveData } from './move';
import { changePolicy } from './policy';
import { runCover } from './cover/run';

const NOW = '2026-11-29T10:00:00.000Z';

function emptyFolder(): string {
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-move-'));
	onTestFinished(() => rmSync(folder, { recursive: true, force: true }));
	return folder;
}

/** Somewhere else of the other kind: a folder for data on a server, a server for data in a file. */
async function elsewhere(): Promise<string> {
	if (!TEST_SERVER) return emptyFolder();
	const url = await databaseOnServer(emptyFolder());
	onTestFinished(() => dropOnServer(url));
	return url;
}

const at = async <T>(folder: string, look: (db: Knex) => Promise<T>): Promise<T> => {
	const db = await openDatabase(folder);
	return look(db).finally(() => db.destroy());
};

/** The demo with something in tables that its document does not fill. */
async function fullShop(): Promise<{ folder: string; before: string; exported: unknown }> {
	const { db, folder } = await demoDatabase();
	await createAccount(db, { name: 'Owner', role: 'owner', password: 'a long password' }, NOW);
	await runCover(db, { now: () => NOW });
	await changePolicy(db, { headlamps: 'signals-only' });
	const [before, exported] = [await dumpOf(db), await exportComplete(db)];
	await db.destroy();
	const practice = await openDatabase(join(folder, 'practice'));
	await changeAlways(practice, (tx) => tx('practice_consents').insert({ person: 'A', since: NOW }));
	await practice.destroy();
	return { folder, before, exported };
}

describe('a move', () => {
	it('to a server and back is equal, whole, and to the letter; the practice comes along', async () => {
		if (!TEST_SERVER) return expect(await movedBetweenFiles()).toBe(true);
		const { folder, before, exported } = await fullShop();
		const file = emptyFolder();
		const there = await moveData(folder, file);
		expect(there.kept).toBeNull();
		expect(await at(file, async (db) => [engineOf(db).client, await dumpOf(db)])).toEqual(['better-sqlite3', before]);
		const url = await databaseOnServer(emptyFolder());
		onTestFinished(() => dropOnServer(url));
		const back = await moveData(file, url);
		expect(back.tables).toEqual(there.tables);
		expect(existsSync(join(back.kept ?? '', DATABASE_FILE))).toBe(true);
		expect(readFileSync(join(file, ADDRESS_FILE), 'utf8')).toContain(url);
		expect(await at(file, async (db) => [engineOf(db).client, await dumpOf(db)])).toEqual(['pg', before]);
		expect(await at(file, exportComplete)).toEqual(exported);
		expect(await at(join(file, 'practice'), (db) => db('practice_consents').select('*'))).toEqual([
			{ person: 'A', since: NOW }
		]);
		// New rows count on behind those that came.
		await at(file, (db) => createAccount(db, { name: 'Second', role: 'bay', password: 'a long password' }, NOW));
		expect((await at(file, (db) => examine(db, file))).checks.filter(({ ok }) => !ok).map(({ name }) => name)).toEqual([
			'backups'
		]);
	});

	it('is refused while a server has the data, where other data are, and where it is already; all stays as it was', async () => {
		const { db, folder } = await demoDatabase();
		const before = await dumpOf(db);
		const other = await demoDatabase();
		await changePolicy(other.db, { headlamps: 'signals-only' });
		await other.db.destroy();
		const serving = await placeOf(folder).hold('the Rotalux server', 'to-serve');
		await expect(moveData(folder, await elsewhere())).rejects.toThrow(/in use by/);
		await serving();
		const full = TEST_SERVER ? readFileSync(join(other.folder, ADDRESS_FILE), 'utf8') : other.folder;
		await expect(moveData(folder, full)).rejects.toThrow(/other data at .* already/);
		await expect(
			moveData(folder, TEST_SERVER ? readFileSync(join(folder, ADDRESS_FILE), 'utf8') : folder)
		).rejects.toThrow('there already');
		await expect(moveData(emptyFolder(), await elsewhere())).rejects.toThrow('no data');
		expect(await dumpOf(db)).toBe(before);
	});

	it('that was cut off when all had come is taken up; one that failed half-way left nothing', async () => {
		const { db, folder } = await demoDatabase();
		const before = await dumpOf(db);
		await db.destroy();
		const to = await elsewhere();
		const stop = (table: string) => {
			if (table === 'products') throw new Error('the power went');
		};
		await expect(moveData(folder, to, stop)).rejects.toThrow('the power went');
		expect(await at(folder, dumpOf)).toBe(before);
		await moveData(folder, to);
		const again = TEST_SERVER ? folder : to;
		expect(await at(again, dumpOf)).toBe(before);
	});

	it('knows every table', async () => {
		const { db } = await demoDatabase();
		const names = (await dumpOf(db)).split('\n').filter((line) => /^\w+$/.test(line));
		expect([...TABLE_NAMES, 'writes'].sort()).toEqual(names.sort());
	});
});

async function movedBetweenFiles(): Promise<boolean> {
	const { folder, before } = await fullShop();
	const to = emptyFolder();
	await moveData(folder, to);
	return (await at(to, dumpOf)) === before;
}
