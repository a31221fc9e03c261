import { describe, expect, it } from 'vitest';
import { demoDatabase, freshDatabase } from '../../../../../tests/support/database';
import { listWebhooks } from '../../repositories/webhooks';
import { migrations } from '.';

describe('the tables', () => {
	it('goes down and up again by its migrations', async () => {
		const { db } = await demoDatabase();
		await db.migrate.rollback({ migrationSource: migrations }, true);
		await db.migrate.latest({ migrationSource: migrations });
		expect(await db('configurations').count({ n: '*' })).toEqual([{ n: 0 }]);
	});

	it('brings addresses that were kept under an older name along', async () => {
		const { db } = await freshDatabase();
		const config = { migrationSource: migrations };
		for (;;) {
			const [, undone] = (await db.migrate.down(config)) as [number, string[]];
			if (undone.includes('0019-webhooks')) break;
		}
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
});
