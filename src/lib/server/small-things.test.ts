import { describe, expect, it } from 'vitest';
import { dataFolder } from './config';
import { download } from './download';
import { freshDatabase } from '../../../tests/support/database';
import { addRecord, listRecords } from './repositories/records';
import { bumpDataVersion, dataVersion, readSettings, writeSetting } from './repositories/settings';
import { findConfigurations, putConfiguration } from './repositories/configurations';
import { isVehicleWord, searchIds } from './repositories/search';
import { makeConfiguration, STOP_SOCKET } from '../../../tests/support/make';
import { MAX_BYTES, uploadedBytes } from './upload';
import { summarise } from '../core/result';
import { amount, decimal, mired } from '../core/quantity';

describe('uploads', () => {
	const form = (size: number, name = 'file.json') => {
		const data = new FormData();
		data.set('file', new File([new Uint8Array(size)], name));
		return data;
	};

	it('are read up to 10 MB, and refused above with their size', async () => {
		expect((await uploadedBytes(form(MAX_BYTES), 'file')).ok).toBe(true);
		expect(await uploadedBytes(form(MAX_BYTES + 1, 'big.json'), 'file')).toEqual({
			ok: false,
			error: expect.stringContaining('big.json is 10 MB')
		});
		expect(await uploadedBytes(form(12_340_000, 'big.json'), 'file')).toEqual({
			ok: false,
			error: expect.stringContaining('big.json is 12.3 MB; at most 10 MB')
		});
	});

	it('that are empty or no file are said to be', async () => {
		for (const data of [new FormData(), form(0)])
			expect(await uploadedBytes(data, 'file')).toEqual({
				ok: false,
				error: expect.stringContaining('No file was chosen')
			});
	});
});

describe('downloads', () => {
	it('have a name that cannot break the header', () => {
		const header = download('x', 'kit "K1"\r\nSet-Cookie: a=b.pdf', 'text/plain').headers.get('content-disposition');
		expect(header).toBe('attachment; filename="kit-K1-Set-Cookie-a-b.pdf"');
	});
});

describe('the data folder', () => {
	it('is as set, or the shop under the project', () => {
		expect(dataFolder({ ROTALUX_DATA: '/somewhere' })).toBe('/somewhere');
		expect(dataFolder({})).toMatch(/\.rotalux\/shop$/);
	});
});

describe('settings and records', () => {
	it('a data version grows with each change', async () => {
		const { db } = await freshDatabase();
		expect(await dataVersion(db)).toBe(0);
		await bumpDataVersion(db);
		await bumpDataVersion(db);
		expect(await dataVersion(db)).toBe(2);
	});

	it('settings are read by their prefix', async () => {
		const { db } = await freshDatabase();
		await writeSetting(db, 'extra:a', { b: 1 });
		await writeSetting(db, 'other', 2);
		expect(await readSettings(db, 'extra:')).toEqual({ a: { b: 1 } });
	});

	it('the very same record is kept once', async () => {
		const { db } = await freshDatabase();
		for (const record of [{ a: 1 }, { a: 1 }, { a: 2 }]) await addRecord(db, 'proofs', record);
		expect(await listRecords(db, 'proofs')).toEqual([{ a: 1 }, { a: 2 }]);
		expect(await listRecords(db, 'readings')).toEqual([]);
	});
});

describe('search', () => {
	it('finds a vehicle by beginnings of its words and by any of its years, and forgets an old name', async () => {
		const { db } = await freshDatabase();
		const vehicle = (model: string) =>
			makeConfiguration([STOP_SOCKET], { make: 'Fenholm', model, years: [2014, 2016] });
		await putConfiguration(db, vehicle('Skerry'));
		const find = async (...words: string[]) =>
			(await findConfigurations(db, (await searchIds(db, words, 5)).ids)).map((c) => c.model);
		expect(await find('fen', 'sk')).toEqual(['Skerry']);
		expect(await find('2015')).toEqual(['Skerry']);
		expect(await find('2017')).toEqual([]);
		expect(await find()).toEqual([]);
		await putConfiguration(db, vehicle('Holm'));
		expect([await find('skerry'), await find('holm')]).toEqual([[], ['Holm']]);
		expect([await isVehicleWord(db, 'hol'), await isVehicleWord(db, 'stop')]).toEqual([true, false]);
	});
});

describe('small words', () => {
	it('numbers, money and mired', () => {
		expect([decimal(1.5, 2), decimal(2, 2), amount(5, 'EUR'), mired(5000)]).toEqual(['1.5', '2', '0.05', 200]);
	});

	it('a list of problems in one line', () => {
		expect(summarise([])).toBe('Nothing is wrong.');
		expect(
			summarise([
				{ path: 'a.b', message: 'is wrong' },
				{ path: '', message: 'x' }
			])
		).toBe('a.b: is wrong (and 1 more)');
	});
});
