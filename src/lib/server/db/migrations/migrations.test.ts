import { describe, expect, it } from 'vitest';
import type { Knex } from 'knex';
import type { Product } from '../../../core/model';
import { demoDatabase, freshDatabase, putRecords } from '../../../../../tests/support/database';
import { pageOfProducts, searchStock } from '../../repositories/stock-pages';
import { engineOf } from '../engines';
import { listWebhooks } from '../../repositories/webhooks';
import { migrations } from '.';

const config = { migrationSource: migrations };

/** Takes the tables back to what they were before a migration. */
async function downBefore(db: Knex, name: string): Promise<void> {
	for (;;) {
		const [, undone] = (await db.migrate.down(config)) as [number, string[]];
		if (undone.includes(name)) break;
	}
}

describe('the tables', () => {
	it('goes down and up again by its migrations', async () => {
		const { db } = await demoDatabase();
		await db.migrate.rollback(config, true);
		await db.migrate.latest(config);
		expect(await db('configurations').count({ n: '*' })).toEqual([{ n: 0 }]);
	});

	it('brings addresses that were kept under an older name along', async () => {
		const { db } = await freshDatabase();
		await downBefore(db, '0019-webhooks');
		const kept = {
			address: 'https://shop.example/told',
			events: '["kit.released"]',
			secret: 's',
			created_at: '2026-11-01'
		};
		await db('hooks').insert(kept);
		await db.migrate.latest(config);
		expect(await listWebhooks(db)).toMatchObject([{ address: kept.address, events: ['kit.released'] }]);
	});

	it('finds in the stock what it found, through longer beginnings of words, and what comes and goes later', async () => {
		const { db } = await demoDatabase();
		const [first] = (await pageOfProducts(db, { found: null, from: 0, most: 1 })).rows as [Product];
		const typed = ['l', 'led', 'whi', 'white', 'white l', 'warni', 'amber harb', 'nothing-of-it'];
		const found = () => Promise.all(typed.map(async (words) => (await searchStock(db, words))?.toSorted()));
		await downBefore(db, '0020-beginnings');
		const before = await found();
		expect(before.filter((ids) => ids?.length).length).toBeGreaterThan(4);
		await db.migrate.latest(config);
		expect(await found()).toEqual(before);
		await putRecords(db, { products: [{ ...first, name: 'Quayside special' }] });
		expect(await searchStock(db, 'quaysid spec')).toEqual([first.id]);
		expect(await engineOf(db).faults(db)).toEqual({ fault: null, strays: [] });
	});
});
