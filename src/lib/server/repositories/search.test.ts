import { describe, expect, it } from 'vitest';
import { freshDatabase, putRecords } from '../../../../tests/support/database';
import { makeConfiguration, STOP_SOCKET } from '../../../../tests/support/make';
import { findConfigurations } from './configurations';
import { searchIds, vehicleWordsAmong } from './search';

describe('search', () => {
	it('finds a vehicle by beginnings of its words and by any of its years, and forgets an old name', async () => {
		const { db } = await freshDatabase();
		const vehicle = (model: string) =>
			makeConfiguration([STOP_SOCKET], { make: 'Fenholm', model, years: [2014, 2016] });
		await putRecords(db, { configurations: [vehicle('Skerry')] });
		const find = async (...words: string[]) =>
			(await findConfigurations(db, (await searchIds(db, words, 5)).ids)).map((c) => c.model);
		expect(await find('fen', 'sk')).toEqual(['Skerry']);
		expect(await find('2015')).toEqual(['Skerry']);
		expect(await find('2017')).toEqual([]);
		expect(await find()).toEqual([]);
		await putRecords(db, { configurations: [vehicle('Holm')] });
		expect([await find('skerry'), await find('holm')]).toEqual([[], ['Holm']]);
		expect(await vehicleWordsAmong(db, ['hol', 'stop', 'holmes'])).toEqual(new Set(['hol']));
	});
});
