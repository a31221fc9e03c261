import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { allLookedAt, putRecords, demoDatabase, kitContextOn } from '../../../../../tests/support/database';
import { kitOrder, type Product } from '../../../core/model';
import { demoDocument } from '../../demo/document';
import { findKit } from '../../repositories/kits';
import { listRevisions } from '../../repositories/kit-revisions';
import { changeAlways } from '../../db/change';
import { putComplaint, storedFrom } from '../../repositories/complaints';
import { Stopped } from '../../solver/highs';
import { solveState, stopSolve, watchedSolve } from '../../workers/solves';
import { brokenKits } from './broken';
import { changePolicy } from '../policy';
import {
	alsoFor,
	checkDraft,
	chooseInKit,
	draftFor,
	dropRevision,
	forbidInKit,
	kitSheet,
	pricesFor,
	releaseKit,
	renameKit,
	reorderKit,
	reviseKit,
	setAlso,
	startKit,
	impactsOnRelease,
	tryInKit,
	type KitContext
} from '.';

const BIKE = 'brisken-fjell-650-2010';

async function context(): Promise<KitContext> {
	const { db } = await demoDatabase();
	return kitContextOn(db);
}

async function kitFor(ctx: KitContext, vehicle = BIKE) {
	const started = await startKit(ctx, vehicle, { name: 'Bike', order: kitOrder.parse({}) });
	if (!started.ok) throw new Error(started.error);
	return started.value;
}

async function released(ctx: KitContext) {
	const kit = await kitFor(ctx);
	await checkDraft(ctx, kit.id, { by: 'A. Person', found: await allLookedAt(ctx, kit.id) });
	const done = await releaseKit(ctx, kit.id);
	if (!done.ok) throw new Error(done.error);
	return { kit, revision: done.value };
}

/** Writes products again with a change, as a file from a supplier would. */
async function changeProducts(
	db: Knex,
	which: (p: Product) => boolean,
	change: (p: Product) => Product
): Promise<void> {
	await putRecords(db, { products: demoDocument().products.filter(which).map(change) });
}

const emptied = (p: Product): Product => ({ ...p, packs: p.packs.map((pack) => ({ ...pack, stock: 0 as never })) });

describe('a draft', () => {
	it('is started, renamed, changed by hand, solved again and reopened as it was', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		await renameKit(ctx, kit.id, { name: 'For the rescue group' });
		const chosen = await chooseInKit(ctx, kit.id, {
			socketId: 'turn-front-L',
			choice: { kind: 'product', product: 'OR-RY10' as never }
		});
		expect(chosen.ok && Object.keys(chosen.value.order.choices)).toEqual(['turn-front-L', 'turn-front-R']);
		const reopened = await findKit(ctx.db, kit.id);
		expect(reopened?.name).toBe('For the rescue group');
		expect(reopened?.answer.lines.find((l) => l.product === 'OR-RY10')?.sockets).toEqual(
			expect.arrayContaining(['turn-front-L', 'turn-front-R'])
		);
		const freed = await chooseInKit(ctx, kit.id, { socketId: 'turn-front-R', choice: null });
		expect(freed.ok && freed.value.order.choices).toEqual({});
		expect(freed.ok && freed.value.answer.total).toBe(kit.answer.total);
	});

	it('refuses a refused product, says where, and changes nothing', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		const refused = await chooseInKit(ctx, kit.id, {
			socketId: 'stop-tail',
			choice: { kind: 'product', product: 'QU-P215-1' as never }
		});
		expect(refused).toEqual({ ok: false, error: expect.stringContaining('is refused in Rear stop / tail') });
		expect(await findKit(ctx.db, kit.id)).toEqual(kit);
	});

	it('keeps what it was when its order cannot hold together, and says what cannot', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		const poor = await reorderKit(ctx, kit.id, {
			change: (order) => ({ ...order, whole: true, budget: 100 as never })
		});
		expect(poor).toEqual({ ok: false, error: expect.stringContaining('the budget of 1.00') });
		expect(await findKit(ctx.db, kit.id)).toEqual(kit);
	});

	it('takes a choice into a draft whose scope holds the socket, or into a new one', async () => {
		const ctx = await context();
		const cluster = await startKit(ctx, BIKE, { name: 'Dials', order: kitOrder.parse({ scope: 'cluster' }) });
		const id = cluster.ok ? cluster.value.id : '';
		const outside = await chooseInKit(ctx, id, { socketId: 'stop-tail', choice: { kind: 'stock', reason: 'x' } });
		expect(outside).toEqual({ ok: false, error: expect.stringContaining('outside the scope of Dials') });
		const forDial = await draftFor(ctx, BIKE, 'gauge-1');
		const forStop = await draftFor(ctx, BIKE, 'stop-tail');
		expect(forDial.ok && forDial.value.id).toBe(id);
		expect(forStop.ok && forStop.value.order.scope).toBe('vehicle');
		expect((await draftFor(ctx, BIKE, 'nowhere')).ok).toBe(false);
	});

	it('forbids a product, and takes the ban back by the same word', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		const product = kit.answer.lines.find((l) => l.product)?.product as string;
		const banned = await forbidInKit(ctx, kit.id, { product, socket: null });
		expect(banned.ok && banned.value.answer.lines.some((l) => l.product === product)).toBe(false);
		const back = await forbidInKit(ctx, kit.id, { product, socket: null });
		expect(back.ok && back.value.order.forbidden).toEqual([]);
	});

	it('says what another lamp would move before it is taken', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		const moved = await tryInKit(ctx, kit.id, { socket: 'turn-front-L', product: 'OR-RY10' });
		expect(moved.ok && typeof moved.value.difference).toBe('number');
		expect(await findKit(ctx.db, kit.id)).toEqual(kit);
		expect(await tryInKit(ctx, kit.id, { socket: 'stop-tail', product: 'QU-P215-1' })).toMatchObject({ ok: false });
	});

	it('knows what its demands cost', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		const prices = await pricesFor(ctx, kit.id);
		expect(prices.ok && prices.value.map((p) => p.words)).toEqual(expect.arrayContaining(['4300 K throughout']));
	});

	it('says when a product went out of stock under it', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		await changeProducts(ctx.db, (p) => p.fits.includes('RY10W'), emptied);
		const again = await reorderKit(ctx, kit.id, { change: (order) => order });
		expect(again.ok && again.value.answer.open.filter((o) => o.why === 'out of stock')).toHaveLength(4);
	});
});

describe('from draft to release', () => {
	it('goes by way of a check with a name', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		expect(await releaseKit(ctx, kit.id)).toEqual({ ok: false, error: expect.stringContaining('not checked yet') });
		expect(await checkDraft(ctx, kit.id, { by: '', found: {} })).toEqual({
			ok: false,
			error: expect.stringContaining('name')
		});
		const checked = await checkDraft(ctx, kit.id, { by: 'A. Person', found: {} });
		expect(checked.ok && checked.value.state).toBe('checked');
		const done = await releaseKit(ctx, kit.id);
		expect(done.ok && done.value).toMatchObject({ revision: 1, code: 'CODE-1' });
	});

	it('asks what was found for each lamp that wants a check by hand', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		await chooseInKit(ctx, kit.id, { socketId: 'position', choice: { kind: 'product', product: 'GL-W5-AM' as never } });
		const sheet = await kitSheet(ctx.db, BIKE, { id: kit.id });
		expect(sheet?.toSign).toMatchObject([
			{ id: 'line GL-W5-AM-2', what: expect.stringContaining('wants a check by hand (position)') }
		]);
		expect(await checkDraft(ctx, kit.id, { by: 'A. Person', found: {} })).toEqual({
			ok: false,
			error: expect.stringContaining('Write what you found')
		});
		const checked = await checkDraft(ctx, kit.id, {
			by: 'A. Person',
			found: {
				[sheet?.toSign[0]?.id ?? '']: 'held it in, it clears the lens'
			}
		});
		expect(checked.ok && checked.value.life.checked?.signOffs[0]?.found).toBe('held it in, it clears the lens');
	});

	it('a change of the order takes the check back', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		await checkDraft(ctx, kit.id, { by: 'A. Person', found: {} });
		const again = await reorderKit(ctx, kit.id, { change: (order) => ({ ...order, balance: 'ease' }) });
		expect(again.ok && [again.value.state, again.value.life.checked]).toEqual(['draft', null]);
	});

	it('wants to be solved again when facts have changed since', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		await changePolicy(ctx.db, { headlamps: 'projectors' });
		expect((await kitSheet(ctx.db, BIKE, { id: kit.id }))?.stale).toEqual(["the shop's policy"]);
		expect(await checkDraft(ctx, kit.id, { by: 'A. Person', found: {} })).toEqual({
			ok: false,
			error: expect.stringContaining('Solve it again')
		});
		await reorderKit(ctx, kit.id, { change: (order) => order });
		expect((await checkDraft(ctx, kit.id, { by: 'A. Person', found: {} })).ok).toBe(true);
	});
});

describe('a released kit', () => {
	it('is frozen: nothing that changes later changes it, and an edit says what to do', async () => {
		const ctx = await context();
		const { kit } = await released(ctx);
		const before = await kitSheet(ctx.db, BIKE, { id: kit.id });
		const again = await reorderKit(ctx, kit.id, { change: (order) => ({ ...order, scope: 'rear' }) });
		expect(again).toEqual({ ok: false, error: expect.stringContaining('start its next revision') });
		await changePolicy(ctx.db, { headlamps: 'signals-only' });
		expect(await kitSheet(ctx.db, BIKE, { id: kit.id })).toEqual(before);
		expect((await releaseKit(ctx, kit.id)).ok).toBe(false);
	});

	it('is flagged by a shelf that went empty and by a complaint, and is not changed', async () => {
		const ctx = await context();
		const { kit } = await released(ctx);
		expect(await impactsOnRelease(ctx.db, kit.id)).toEqual([]);
		const product = kit.answer.lines.find((l) => l.product)?.product as string;
		await changeProducts(ctx.db, (p) => p.id === product, emptied);
		expect((await impactsOnRelease(ctx.db, kit.id)).map((t) => t.kind)).toEqual(['stock']);
		await changeAlways(ctx.db, (tx) =>
			putComplaint(tx, storedFrom({ product, configuration: BIKE, symptom: 'flicker always' }))
		);
		expect((await impactsOnRelease(ctx.db, kit.id)).map((t) => t.kind)).toEqual(['stock', 'complaint']);
		expect((await kitSheet(ctx.db, BIKE, { id: kit.id }))?.answer).toEqual(kit.answer);
	});

	it('is among the broken ones once its lamp is another, and not for a shelf or a price', async () => {
		const ctx = await context();
		const { kit } = await released(ctx);
		const product = kit.answer.lines.find((l) => l.product)?.product as string;
		await changeProducts(ctx.db, (p) => p.id === product, emptied);
		expect(await brokenKits(ctx.db)).toEqual([]);
		await changeProducts(
			ctx.db,
			(p) => p.id === product,
			(p) => ({ ...p, fits: ['H7'] })
		);
		expect(await brokenKits(ctx.db)).toMatchObject([{ id: kit.id, configuration: BIKE }]);
	});

	it('is superseded by its next revision, which is worked out by the facts of today', async () => {
		const ctx = await context();
		const { kit } = await released(ctx);
		const product = kit.answer.lines.find((l) => l.product)?.product as string;
		await changeProducts(ctx.db, (p) => p.id === product, emptied);
		const draft = await reviseKit(ctx, kit.id);
		expect(draft.ok && draft.value.answer.lines.some((l) => l.product === product)).toBe(false);
		await checkDraft(ctx, kit.id, { by: 'A. Person', found: await allLookedAt(ctx, kit.id) });
		const second = await releaseKit(ctx, kit.id);
		expect(second.ok && second.value.code).toBe('CODE-2');
		expect((await listRevisions(ctx.db, kit.id)).map((r) => r.revision)).toEqual([1, 2]);
		expect((await kitSheet(ctx.db, BIKE, { id: kit.id, revision: 1 }))?.answer).toEqual(kit.answer);
	});

	it('is as it was when the revision under way is dropped', async () => {
		const ctx = await context();
		const { kit } = await released(ctx);
		await reviseKit(ctx, kit.id);
		await reorderKit(ctx, kit.id, { change: (order) => ({ ...order, scope: 'rear' }) });
		const back = await dropRevision(ctx, kit.id);
		expect(back.ok && [back.value.state, back.value.answer]).toEqual(['released', kit.answer]);
	});
});

describe('other configurations', () => {
	it('are valid only where every lamp holds there too', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx, 'fenholm-skerry-ii-2017-reflector');
		const others = await alsoFor(ctx, kit.id);
		const list = others.ok ? others.value : [];
		expect(list.length).toBeGreaterThan(1);
		const bad = list.find((o) => o.reasons.length > 0);
		expect(await setAlso(ctx, kit.id, { ids: [bad?.configuration ?? ''] })).toEqual({
			ok: false,
			error: expect.stringContaining('It does not do for')
		});
	});
});

describe('work under way', () => {
	it('can be looked at and stopped; nothing is changed then', async () => {
		const ctx = await context();
		const kit = await kitFor(ctx);
		const stuck = watchedSolve(kit.id, async (watch) => {
			watch.onProgress?.({ best: 900, bound: 700 });
			await new Promise<void>((resolve) => watch.signal?.addEventListener('abort', resolve));
			throw new Stopped();
		});
		expect(solveState(kit.id)).toEqual({ best: 900, bound: 700 });
		expect(stopSolve(kit.id)).toBe(true);
		await expect(stuck).rejects.toThrow('nothing was changed');
		expect(solveState(kit.id)).toBeNull();
		expect(stopSolve(kit.id)).toBe(false);
	});
});
