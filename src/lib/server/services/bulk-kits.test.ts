import { expect, it } from 'vitest';
import { demoDatabase, kitContextOn } from '../../../../tests/support/database';
import { kitOrder } from '../../core/model';
import { changeAlways } from '../db/change';
import { bulkKits, dropWaiting, dueBulkKits, queueKits } from '../repositories/bulk-kits';
import { findKit } from '../repositories/kits';
import { workBulkKit } from './bulk-kits';

it('works out kits in line, goes on after a stop, waits for the night, and says why one failed', async () => {
	const { db } = await demoDatabase();
	const ctx = kitContextOn(db);
	const contextAt = () => Promise.resolve(ctx);
	const asked = { order: kitOrder.parse({ scope: 'rear' }), name: 'Overnight', notBefore: '2026-01-01T00:00:00.000Z' };
	const ids = ['brisken-fjell-650-2010', 'nowhere', 'aldring-net-750-2011'];
	expect(await changeAlways(db, (tx) => queueKits(tx, ids, asked))).toBe(3);
	// Nobody is put in line twice.
	expect(await changeAlways(db, (tx) => queueKits(tx, ids, asked))).toBe(0);
	const [first, second, third] = await dueBulkKits(db, ctx.now());
	expect(await workBulkKit(contextAt, first!)).toBe(true);
	// Stopped, nothing is known to have come of it; what is done is not done again.
	expect(await workBulkKit(contextAt, second!, () => true)).toBe(false);
	expect(await workBulkKit(contextAt, first!)).toBe(true);
	expect(await bulkKits(db, 10)).toMatchObject({ waiting: 2, done: 1, failed: 0 });
	for (const number of [second!, third!]) await workBulkKit(contextAt, number);
	const { last, ...counts } = await bulkKits(db, 10);
	expect(counts).toEqual({ waiting: 0, done: 2, failed: 1 });
	expect(last.find(({ state }) => state === 'failed')?.why).toContain('There is no vehicle');
	for (const { kit } of last) if (kit) expect((await findKit(db, kit))?.state).toBe('draft');
	const later = { ...asked, notBefore: '2999-01-01T00:00:00.000Z' };
	await changeAlways(db, (tx) => queueKits(tx, ids, later));
	expect(await dueBulkKits(db, ctx.now())).toEqual([]);
	expect(await changeAlways(db, dropWaiting)).toBe(3);
});
