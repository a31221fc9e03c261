import { existsSync, mkdtempSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import pg from 'pg';
import { describe, expect, it, onTestFinished } from 'vitest';
import { demoDatabase, freshDatabase, putRecords } from '../../../../../tests/support/database';
import { dumpOf } from '../../../../../tests/support/dump';
import { makeConfiguration, STOP_SOCKET } from '../../../../../tests/support/make';
import { cutOff, TEST_SERVER } from '../../../../../tests/support/server-database';
import { loadDemo } from '../../demo/load';
import { backUp, restore } from '../../services/backups';
import { changePolicy } from '../../services/policy';
import { changeAlways } from '../change';
import { openDatabase } from '../connection';
import { writeRows } from '../bulk';
import { databaseFailure } from '../failure';
import { placeOf } from '../places';
import { ADDRESS_FILE, addressOf, serverAt } from '../where';
import { answeredHere } from '../../request-here';
import { losePatience } from './patience';

/** A folder whose data are at some address. */
function folderAt(address: string): string {
	const folder = mkdtempSync(join(tmpdir(), 'rotalux-at-'));
	writeFileSync(join(folder, ADDRESS_FILE), address);
	onTestFinished(() => rmSync(folder, { recursive: true, force: true }));
	return folder;
}

const sentence = async (folder: string): Promise<string | null> =>
	openDatabase(folder).then(
		(db) => db.destroy().then(() => 'opened'),
		(error: unknown) => databaseFailure(error) ?? `no sentence for ${String(error)}`
	);

describe('an address', () => {
	it('names a server, a database and a schema, and a practice has a schema beside it', () => {
		expect(serverAt('postgres://a@h/b')).toMatchObject({ url: 'postgres://a@h/b', schema: 'rotalux' });
		expect(serverAt('postgresql://a@h/b?schema=north')).toMatchObject({ schema: 'north' });
		const folder = folderAt('postgres://a@h/b');
		expect(addressOf(join(folder, 'practice'))).toContain('schema=rotalux_practice');
		expect(addressOf(join(folder, 'demo'))).toBeNull();
	});

	it.each(['mysql://a@h/b', 'h/b', '', 'postgres://a@h/b?schema=public', 'postgres://a@h/b?schema=a"b'])(
		'%s is refused in a sentence',
		(address) => expect(() => serverAt(address)).toThrow(/^The address of the database/)
	);
});

describe('trouble with the server', () => {
	it('is said in a sentence: nobody there, no such database, nobody of that name', async () => {
		const at = (change: (url: URL) => void) => {
			const url = new URL(TEST_SERVER ?? '');
			change(url);
			return sentence(folderAt(url.href));
		};
		expect(await at((url) => url.searchParams.set('host', '/nowhere'))).toContain('does not answer');
		expect(await at((url) => (url.pathname = '/nothing_here'))).toContain('no such database');
		expect(await at((url) => (url.username = 'stranger'))).toContain('does not let Rotalux in');
		expect(await sentence(folderAt('postgres://a@localhost:1/b'))).toContain('does not answer');
	});

	it('a connection that was cut is made again by whoever asks next, and a change in its middle is as if it had not been', async () => {
		const { db, folder } = await demoDatabase();
		const before = await dumpOf(db);
		const cut = changeAlways(db, async (tx) => {
			await tx('settings').delete();
			await cutOff(folder);
			await tx('products').delete();
		});
		expect(await cut.then(() => 'changed', databaseFailure)).toContain('does not answer');
		expect(await dumpOf(db)).toBe(before);
	});

	it('a database that may only be read says so, and is read', async () => {
		const { db, folder } = await freshDatabase();
		await putRecords(db, { configurations: [makeConfiguration([STOP_SOCKET])] });
		const name = new URL(addressOf(folder) ?? '').pathname.slice(1);
		await db.raw('ALTER DATABASE ?? SET default_transaction_read_only = on', [name]);
		const other = await openDatabase(folder).catch(databaseFailure);
		expect(typeof other).not.toBe('string');
		const reader = other as Knex;
		expect(await reader('configurations').count({ n: '*' })).toEqual([{ n: 1 }]);
		expect(await changePolicy(reader, { headlamps: 'signals-only' }).then(() => 'changed', databaseFailure)).toContain(
			'read-only, so nothing was changed'
		);
		await reader.destroy();
	});
});

describe('rows', () => {
	it('come back as they were written, but for what no text of a server may hold', async () => {
		const { db } = await freshDatabase();
		const value = 'a"b\\c\n\t\u{1f4a1} {"x":"\\u0000"} ☃';
		await changeAlways(db, (tx) =>
			writeRows(tx, { table: 'settings', key: ['key'] }, [
				{ key: 'same', value: 'first' },
				{ key: 'zero', value: 'a\0b\ud800c' },
				{ key: 'same', value }
			])
		);
		expect(await db('settings').where({ key: 'same' }).first('value')).toEqual({ value });
		expect(await db('settings').where({ key: 'zero' }).first('value')).toEqual({ value: 'a\u{fffd}b\u{fffd}c' });
	});
});

describe('a backup of a server', () => {
	it('is its owner’s alone; one that is cut off, or of a file, is refused, and nothing is changed', async () => {
		const { db, folder } = await demoDatabase();
		const before = await dumpOf(db);
		const { file } = await backUp(folder);
		expect(statSync(file).mode & 0o077).toBe(0);
		truncateSync(file, 3000);
		await expect(restore(folder, file)).rejects.toThrow(/no whole backup.*Nothing was changed/s);
		expect(await dumpOf(db)).toBe(before);
		expect(existsSync(`${file}.part`)).toBe(false);
	});
});

describe('who has the data', () => {
	it('many serve them together; a restore and a reload of the demo have them alone', async () => {
		const { folder, db } = await demoDatabase();
		const { file } = await backUp(folder);
		const one = await placeOf(folder).hold('a server', 'to-serve');
		const two = await placeOf(folder).hold('a server', 'to-serve');
		await one();
		await expect(restore(folder, file)).rejects.toThrow('in use by a server');
		await expect(loadDemo(folder, '2026-11-27T00:00:00.000Z')).rejects.toThrow('in use by a server');
		await two();
		const alone = await placeOf(folder).hold('a restore', 'to-replace');
		await expect(placeOf(folder).hold('a server', 'to-serve')).rejects.toThrow('being replaced');
		await alone();
		await db.destroy();
		expect((await restore(folder, file)).kept).toContain('rotalux_replaced_');
	});

	it('four who open an empty one at the same time make its tables once', async () => {
		const { folder, db } = await freshDatabase();
		await db.raw('DROP SCHEMA rotalux CASCADE');
		const all = await Promise.all([1, 2, 3, 4].map(() => openDatabase(folder)));
		expect(await all[0]!('knex_migrations').count({ n: '*' })).toEqual(await db('knex_migrations').count({ n: '*' }));
		for (const one of all) await one.destroy();
	});
});

describe('what is asked again', () => {
	it('is prepared once on its connection; a failure and a changed table do not stand in its way', async () => {
		const { db } = await freshDatabase();
		await changeAlways(db, async (one) => {
			const prepared = async () => {
				const { rows } = await one.raw('select statement from pg_prepared_statements');
				return (rows as { statement: string }[]).map(({ statement }) => statement);
			};
			await one.raw('create temp table ropes (id text, length integer)');
			await one('ropes').insert({ id: 'a', length: 1 });
			const read = () => one('ropes').where({ id: 'a' });
			await read();
			expect(await prepared()).toEqual([]);
			for (let i = 0; i < 3; i++) expect(await read()).toEqual([{ id: 'a', length: 1 }]);
			expect(await prepared()).toEqual([expect.stringContaining('from "ropes" where "id" = $1')]);
			await one.raw('alter table ropes add column strands integer default 3');
			for (let i = 0; i < 3; i++) expect(await read()).toEqual([{ id: 'a', length: 1, strands: 3 }]);
			const fail = () => changeAlways(one, (inner) => inner('ropes').where({ length: 'long' }));
			for (let i = 0; i < 3; i++) await expect(fail()).rejects.toThrow();
			expect(await read()).toHaveLength(1);
			const many = Array.from({ length: 900 }, (_, i) => `r${i}`);
			for (let i = 0; i < 3; i++) await one('ropes').whereIn('id', many);
			expect((await prepared()).filter((text) => text.includes(' in ('))).toEqual([]);
		});
	});
});

describe('a server that is stuck', () => {
	it('is not waited for where a request only looks; a change is, and the connection goes on', async () => {
		const client = new pg.Client({ connectionString: TEST_SERVER });
		await client.connect();
		onTestFinished(() => client.end());
		losePatience(client, 60);
		const slow = () => client.query({ text: 'select pg_sleep(0.3)' });
		const looking = (work: () => Promise<unknown>) => answeredHere({ onlyLooks: true }, work);
		const given = await looking(slow).catch((error: unknown) => error);
		expect(databaseFailure(given)).toContain('does not answer');
		expect(await answeredHere({ onlyLooks: false }, slow)).toMatchObject({ rowCount: 1 });
		await looking(async () => {
			await client.query({ text: 'BEGIN' });
			expect(await slow()).toMatchObject({ rowCount: 1 });
			await client.query({ text: 'COMMIT' });
			await expect(slow()).rejects.toThrow();
		});
		expect(await slow()).toMatchObject({ rowCount: 1 });
	});
});
