import { expect, it } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { changeAlways } from '../db/change';
import { putFittedLamps } from '../repositories/fitted-lamps';
import { whatToOrder } from './reorder';

const TODAY = '2026-11-28';

it('orders what goes faster than it lies there, in whole packs, and counts what was fitted here', async () => {
	const { db } = await demoDatabase();
	expect(await whatToOrder(db, TODAY)).toEqual([]);
	const row: { fitting_id?: string; id: string } | undefined = await db('fittings').first('id');
	if (!row) throw new Error('The demo has a fitting.');
	// 9000 lamps in 90 days are 100 a day: 700 go in a delivery time, and 44 are kept back.
	const lamps = Array.from({ length: 9000 }, (_, i) => ({
		fitting: row.id,
		configuration: 'brisken-fjell-650-2010',
		socket: `s${i}`,
		product: 'GL-W5-30',
		on: '2026-11-01'
	}));
	await changeAlways(db, (tx) => putFittedLamps(tx, lamps));
	const [first, ...others] = await whatToOrder(db, TODAY);
	expect(others).toEqual([]);
	expect(first).toMatchObject({ id: 'GL-W5-30', point: 744, perDay: 100 });
	expect(first?.pieces).toBeGreaterThanOrEqual(744 + 3000 - (first?.free ?? 0));
	expect((first?.pieces ?? 0) % (first?.pack.count ?? 1)).toBe(0);
	// Three months later it is as if nothing had gone.
	expect(await whatToOrder(db, '2027-03-28')).toEqual([]);
});
