import { describe, expect, it } from 'vitest';
import { changeAlways } from '../db/change';
import { freshDatabase } from '../../../../tests/support/database';
import { addRecord, listRecords } from './records';
import { raiseMark, readMark, readSettings, writeSetting } from './settings';

describe('settings and records', () => {
	it('a mark grows with each change of its own, and with no other', async () => {
		const { db } = await freshDatabase();
		expect(await readMark(db, 'shop')).toBe(0);
		await changeAlways(db, (tx) => raiseMark(tx, 'shop', 'policy'));
		const first = await readMark(db, 'policy');
		await changeAlways(db, (tx) => writeSetting(tx, 'other', 1));
		await changeAlways(db, (tx) => raiseMark(tx, 'shop'));
		expect(first).toBeGreaterThan(0);
		expect([await readMark(db, 'shop'), await readMark(db, 'policy')]).toEqual([first + 2, first]);
	});

	it('settings are read by their prefix', async () => {
		const { db } = await freshDatabase();
		await changeAlways(db, (tx) => writeSetting(tx, 'extra:a', { b: 1 }));
		await changeAlways(db, (tx) => writeSetting(tx, 'other', 2));
		expect(await readSettings(db, 'extra:')).toEqual({ a: { b: 1 } });
	});

	it('the very same record is kept once', async () => {
		const { db } = await freshDatabase();
		for (const record of [{ a: 1 }, { a: 1 }, { a: 2 }])
			await changeAlways(db, (tx) => addRecord(tx, 'proofs', record));
		expect(await listRecords(db, 'proofs')).toEqual([{ a: 1 }, { a: 2 }]);
		expect(await listRecords(db, 'readings')).toEqual([]);
	});
});
