import { describe, expect, it } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { askEvery, askWhenDue, setAskEvery } from './supplier-timer';

const at = (time: string) => () => new Date(`2026-11-28T${time}:00.000Z`);

describe('the supplier, asked by a timer', () => {
	it('is left alone until somebody sets how often', async () => {
		const { db } = await demoDatabase();
		expect(await askEvery(db)).toBe(0);
		expect(await askWhenDue(db, at('10:00'))).toBeNull();
	});

	it('is asked when the time has come, and not before', async () => {
		const { db } = await demoDatabase();
		await setAskEvery(db, 6);
		const first = await askWhenDue(db, at('01:00'));
		expect(first?.lastAsked).toBe('2026-11-28T01:00:00.000Z');
		expect(await askWhenDue(db, at('06:59'))).toBeNull();
		expect((await askWhenDue(db, at('07:00')))?.lastAsked).toBe('2026-11-28T07:00:00.000Z');
	});
});
