import { describe, expect, it } from 'vitest';
import { demoDatabase } from '../../../../../tests/support/database';
import { migrations } from '.';

describe('the tables', () => {
	it('goes down and up again by its migrations', async () => {
		const { db } = await demoDatabase();
		await db.migrate.rollback({ migrationSource: migrations }, true);
		await db.migrate.latest({ migrationSource: migrations });
		expect(await db('configurations').count({ n: '*' })).toEqual([{ n: 0 }]);
	});
});
