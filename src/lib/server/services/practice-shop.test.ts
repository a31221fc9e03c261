import { describe, expect, it } from 'vitest';
import { EXERCISE_IDS } from '../../core/practice';
import { freshDatabase } from '../../../../tests/support/database';
import { findConfiguration } from '../repositories/configurations';
import { listProducts } from '../repositories/products';
import { exerciseNear, exerciseOf } from './practice';
import { putIntoPracticeShop } from './practice-shop';

const NOW = '2026-03-02T09:00:00.000Z';

describe('the shop of the practice', () => {
	it('holds the vehicle of every exercise that a screen shows, with a shelf of its own', async () => {
		const { db } = await freshDatabase();
		let shelves = 0;
		for (const [i, kind] of EXERCISE_IDS.entries()) {
			const key = exerciseNear({ kind, seed: 40 + 100 * i, level: 2 });
			const screen = (await exerciseOf(db, key))!.screen;
			const path = await putIntoPracticeShop(db, key, NOW);
			expect(path.ok, kind).toBe(screen !== null);
			if (!path.ok || !screen) continue;
			const vehicle = (await findConfiguration(db, `practice-${key.seed}`))!;
			expect(vehicle.sockets.length).toBeGreaterThan(1);
			if (screen.socket) expect(vehicle.sockets.map(({ id }) => id as string)).toContain(screen.socket);
			if (screen.room !== 'reference') expect(path.value).toContain(`/vehicles/practice-${key.seed}/`);
			const products = (await listProducts(db)).length;
			expect(products).toBeGreaterThan(shelves);
			shelves = products;
		}
	});

	it('takes the same vehicle again without a second one', async () => {
		const { db } = await freshDatabase();
		const key = exerciseNear({ kind: 'choose-lamp', seed: 7, level: 2 });
		const first = await putIntoPracticeShop(db, key, NOW);
		const before = (await listProducts(db)).length;
		expect(await putIntoPracticeShop(db, key, NOW)).toEqual(first);
		expect((await listProducts(db)).length).toBe(before);
	});
});
