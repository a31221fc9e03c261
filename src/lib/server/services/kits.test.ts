import { describe, expect, it } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { kitOrder } from '../../core/exchange';
import { putProduct } from '../repositories/products';
import { findKit } from '../repositories/kits';
import { bumpCatalogueVersion } from '../repositories/settings';
import { highsSolver } from '../solver/highs';
import { chooseInKit, draftFor, releaseKit, renameKit, reorderKit, startKit, type KitContext } from './kits';
import { kitSheet } from './show-stored-kit';
import { changePolicy } from './policy';

const BIKE = 'brisken-fjell-650-2010';

async function context(): Promise<KitContext> {
	const { db } = await demoDatabase();
	let id = 0;
	return { db, solver: highsSolver, now: () => '2026-03-04T05:06:07.000Z', newId: () => `K${++id}` };
}

async function bikeKit(ctx: KitContext) {
	const started = await startKit(ctx, BIKE, 'Bike', kitOrder.parse({}));
	if (!started.ok) throw new Error(started.error);
	return started.value;
}

describe('the life of a kit', () => {
	it('is started, renamed, changed by hand, solved again and reopened as it was', async () => {
		const ctx = await context();
		const kit = await bikeKit(ctx);
		await renameKit(ctx, kit.id, 'For the rescue group');
		const chosen = await chooseInKit(ctx, kit.id, 'turn-front-L', { kind: 'product', product: 'OR-RY10' as never });
		expect(chosen.ok && Object.keys(chosen.value.order.choices)).toEqual(['turn-front-L', 'turn-front-R']);
		const reopened = await findKit(ctx.db, kit.id);
		expect(reopened?.name).toBe('For the rescue group');
		expect(reopened?.answer.lines.find((l) => l.product === 'OR-RY10')?.sockets).toEqual(
			expect.arrayContaining(['turn-front-L', 'turn-front-R'])
		);
		const freed = await chooseInKit(ctx, kit.id, 'turn-front-R', null);
		expect(freed.ok && freed.value.order.choices).toEqual({});
		expect(freed.ok && freed.value.answer.total).toBe(kit.answer.total);
	});

	it('refuses a refused product, says where, and changes nothing', async () => {
		const ctx = await context();
		const kit = await bikeKit(ctx);
		const refused = await chooseInKit(ctx, kit.id, 'stop-tail', { kind: 'product', product: 'QU-P215-1' as never });
		expect(refused).toEqual({ ok: false, error: expect.stringContaining('is refused in Rear stop / tail') });
		expect(await findKit(ctx.db, kit.id)).toEqual(kit);
	});

	it('takes a choice into a draft whose scope holds the socket, or into a new one', async () => {
		const ctx = await context();
		const cluster = await startKit(ctx, BIKE, 'Dials', kitOrder.parse({ scope: 'cluster' }));
		const id = cluster.ok ? cluster.value.id : '';
		const outside = await chooseInKit(ctx, id, 'stop-tail', { kind: 'stock', reason: 'x' });
		expect(outside).toEqual({ ok: false, error: expect.stringContaining('outside the scope of Dials') });
		const forDial = await draftFor(ctx, BIKE, 'gauge-1');
		const forStop = await draftFor(ctx, BIKE, 'stop-tail');
		expect(forDial.ok && forDial.value.id).toBe(id);
		expect(forStop.ok && forStop.value.order.scope).toBe('vehicle');
		expect((await draftFor(ctx, BIKE, 'nowhere')).ok).toBe(false);
	});

	it('is frozen by its release: nothing that changes later changes it', async () => {
		const ctx = await context();
		const kit = await bikeKit(ctx);
		const released = await releaseKit(ctx, kit.id, '');
		expect(released.ok && released.value).toMatchObject({ revision: 1, code: `${kit.id}-R1` });
		const before = await kitSheet(ctx.db, BIKE, kit.id);
		const again = await reorderKit(ctx, kit.id, (order) => ({ ...order, scope: 'rear' }));
		expect(again).toEqual({ ok: false, error: expect.stringContaining('a released kit does not change') });
		await changePolicy(ctx.db, { headlamps: 'signals-only' });
		expect(await kitSheet(ctx.db, BIKE, kit.id)).toEqual(before);
		expect((await releaseKit(ctx, kit.id, '')).ok).toBe(false);
	});

	it('wants to be solved again when facts have changed since', async () => {
		const ctx = await context();
		const kit = await bikeKit(ctx);
		await changePolicy(ctx.db, { headlamps: 'projectors' });
		expect((await kitSheet(ctx.db, BIKE, kit.id))?.stale).toBe(true);
		expect(await releaseKit(ctx, kit.id, '')).toEqual({ ok: false, error: expect.stringContaining('solve it again') });
		await reorderKit(ctx, kit.id, (order) => order);
		expect((await releaseKit(ctx, kit.id, '')).ok).toBe(true);
	});

	it('is not released without a signature when a lamp wants a check by hand', async () => {
		const ctx = await context();
		const kit = await bikeKit(ctx);
		const unsure = await chooseInKit(ctx, kit.id, 'position', { kind: 'product', product: 'GL-W5-AM' as never });
		expect(unsure.ok).toBe(true);
		expect(await releaseKit(ctx, kit.id, '')).toEqual({
			ok: false,
			error: expect.stringContaining('write the name of whoever checked it')
		});
		expect((await releaseKit(ctx, kit.id, 'A. Person')).ok).toBe(true);
		expect((await kitSheet(ctx.db, BIKE, kit.id))?.signedBy).toBe('A. Person');
	});

	it('says when a product went out of stock under it', async () => {
		const ctx = await context();
		const kit = await bikeKit(ctx);
		const { demoDocument } = await import('../demo/load');
		for (const p of demoDocument().products.filter((p) => p.fits.includes('RY10W')))
			await putProduct(ctx.db, { ...p, packs: p.packs.map((pack) => ({ ...pack, stock: 0 as never })) });
		await bumpCatalogueVersion(ctx.db);
		const solved = await reorderKit(ctx, kit.id, (order) => order);
		expect(solved.ok && solved.value.answer.open.filter((o) => o.why === 'out of stock')).toHaveLength(4);
	});
});
