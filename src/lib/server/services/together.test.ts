import { describe, expect, it } from 'vitest';
import { allLookedAt, demoDatabase, kitContextOn } from '../../../../tests/support/database';
import { kitOrder, type Product } from '../../core/model';
import { openDatabase } from '../db/connection';
import { databaseFailure } from '../db/failure';
import { findKit, updateKit } from '../repositories/kits';
import { listRevisions } from '../repositories/kit-revisions';
import { findProduct } from '../repositories/products';
import { lastEvent } from '../repositories/events';
import { change } from '../db/change';
import { ok } from '../../core/result';
import { askSupplier, supplierState } from './supplier';
import {
	checkDraft,
	chooseInKit,
	kitSheet,
	releaseKit,
	renameKit,
	reorderKit,
	startKit,
	type KitContext
} from './kits';
import { customerKit } from './kits/customer';
import { sightOf } from './kits/landing';
import { kitWorkOn } from './kits/work';
import { highsSolver } from '../solver/highs';
import { changeRecord } from './record/change';
import { mergeConfigurations, splitConfiguration } from './record/create';
import { CONFIGURATIONS, PRODUCTS } from './record/store';
import { saveProduct } from './stock';

const BIKE = 'brisken-fjell-650-2010';
const ANNA = { by: 'Anna', now: '2026-11-27T10:00:00.000Z' };
const BO = { by: 'Bo', now: '2026-11-27T10:00:01.000Z' };

/** A kit of the bike, in a context whose solver can be held back. */
async function bikeKit() {
	const { db, folder } = await demoDatabase();
	const plain = kitContextOn(db);
	let gate: Promise<void> | null = null;
	const ctx: KitContext = {
		...plain,
		work: kitWorkOn(db, async (program, watch) => {
			await gate;
			return highsSolver(program, watch);
		})
	};
	const kit = await startKit(ctx, BIKE, { name: 'Kit', order: kitOrder.parse({}) });
	if (!kit.ok) throw new Error(kit.error);
	/** Holds every solve until it is let go. */
	const hold = () => {
		let letGo: () => void = () => undefined;
		gate = new Promise((resolve) => (letGo = resolve));
		return () => {
			gate = null;
			letGo();
		};
	};
	return { db, folder, ctx, id: kit.value.id, hold };
}

const sockets = ['turn-front-L', 'plate'];

describe('people at work on one kit at the same time', () => {
	it('a kit released during a solve stays released; the solve says so', async () => {
		const { ctx, db, id, hold } = await bikeKit();
		await checkDraft(ctx, id, { by: 'Anna', found: await allLookedAt(ctx, id) });
		const letGo = hold();
		const solving = reorderKit(ctx, id, { change: (order) => ({ ...order, balance: 'ease' }) });
		expect((await releaseKit(ctx, id)).ok).toBe(true);
		letGo();
		expect(await solving).toEqual({ ok: false, error: expect.stringContaining('is released') });
		expect((await findKit(db, id))?.state).toBe('released');
	});

	it('of two choices made at once both stand', async () => {
		const { ctx, db, id, hold } = await bikeKit();
		const letGo = hold();
		const both = sockets.map((socketId) =>
			chooseInKit(ctx, id, { socketId, choice: { kind: 'stock', reason: `as ${socketId} is` } })
		);
		letGo();
		for (const done of await Promise.all(both)) expect(done.ok).toBe(true);
		const kept = Object.keys((await findKit(db, id))?.order.choices ?? {});
		expect(kept).toEqual(expect.arrayContaining(['turn-front-L', 'turn-front-R', 'plate']));
	});

	it('a rename during a solve stays, and of two names nobody loses one unseen', async () => {
		const { ctx, db, id, hold } = await bikeKit();
		const letGo = hold();
		const solving = reorderKit(ctx, id, { change: (order) => ({ ...order, balance: 'light' }) });
		await renameKit(ctx, id, { name: 'For the rescue group', saw: 'Kit' });
		letGo();
		expect((await solving).ok).toBe(true);
		expect(await findKit(db, id)).toMatchObject({ name: 'For the rescue group', order: { balance: 'light' } });
		expect(await renameKit(ctx, id, { name: 'Mine', saw: 'Kit' })).toEqual({
			ok: false,
			error: expect.stringMatching(/“For the rescue group”.*“Mine”/)
		});
	});

	it('an order given by an older page, and a check of what nobody looked at, are not written', async () => {
		const { ctx, db, id } = await bikeKit();
		const sight = sightOf((await findKit(db, id))!);
		await reorderKit(ctx, id, { change: (order) => ({ ...order, balance: 'ease' }), sight });
		const older = await reorderKit(ctx, id, { change: (order) => ({ ...order, scope: 'rear' }), sight });
		expect(older).toEqual({ ok: false, error: expect.stringMatching(/Theirs: vehicle, by ease.*Yours: rear/) });
		expect(await checkDraft(ctx, id, { by: 'Bo', found: {}, sight })).toMatchObject({ ok: false });
		expect((await findKit(db, id))?.order).toMatchObject({ scope: 'vehicle', balance: 'ease' });
	});

	it('two releases at once make one revision', async () => {
		const { ctx, db, id } = await bikeKit();
		await checkDraft(ctx, id, { by: 'Anna', found: await allLookedAt(ctx, id) });
		const both = await Promise.all([releaseKit(ctx, id), releaseKit(ctx, id)]);
		expect(both.filter((r) => r.ok)).toHaveLength(1);
		expect(await listRevisions(db, id)).toHaveLength(1);
	});

	it('the database itself keeps a released kit, its revisions, and the order of versions', async () => {
		const { ctx, db, id } = await bikeKit();
		await checkDraft(ctx, id, { by: 'Anna', found: await allLookedAt(ctx, id) });
		await releaseKit(ctx, id);
		const kit = (await findKit(db, id))!;
		await expect(
			change(db, async (tx) => ok(await updateKit(tx, { ...kit, order: { ...kit.order, scope: 'rear' } })))
		).rejects.toThrow('a released kit does not change');
		await expect(db('kit_revisions').update({ code: 'X' })).rejects.toThrow('does not change');
		await expect(db('kit_revisions').delete()).rejects.toThrow('is kept');
		await expect(db('kits').where({ id }).update({ name: 'X' })).rejects.toThrow('changed by somebody else');
	});
});

describe('what a kit stands on', () => {
	it('a change of another vehicle, or of a product not in it, never makes it old', async () => {
		const { ctx, db, id } = await bikeKit();
		const claim = {
			kind: 'claim' as const,
			subject: { kind: 'socket' as const, id: 'dome' },
			facts: { lens: 'smoked' },
			source: 'manual' as const
		};
		const car = 'fenholm-skerry-ii-2017';
		const base = await lastEvent(db, CONFIGURATIONS.name(car));
		expect((await changeRecord(db, { id: car, base, command: claim }, ANNA)).ok).toBe(true);
		const inKit = new Set((await findKit(db, id))?.answer.lines.map((l) => l.product));
		const other = ['GL-P21-RD', 'TD-H7-L', 'GL-W215-RDC'].find((p) => !inKit.has(p as never))!;
		await saveProduct(db, { input: { ...(await findProduct(db, other)), limit: 90 }, isNew: false }, ANNA);
		expect((await kitSheet(db, BIKE, { id }))?.stale).toEqual([]);
		expect((await checkDraft(ctx, id, { by: 'Anna', found: await allLookedAt(ctx, id) })).ok).toBe(true);
	});

	it('a change of its vehicle and of what is in it does, by name', async () => {
		const { db, id } = await bikeKit();
		const product = (await findKit(db, id))?.answer.lines.find((l) => l.product)?.product as string;
		await saveProduct(db, { input: { ...(await findProduct(db, product)), life: 7 }, isNew: false }, ANNA);
		expect((await kitSheet(db, BIKE, { id }))?.stale).toEqual([product]);
	});
});

describe('stock and supplier', () => {
	it('an older stock form does not revert a price; both versions are told', async () => {
		const { db } = await demoDatabase();
		const product = (await findProduct(db, 'GL-P21-RD')) as Product;
		const base = await lastEvent(db, PRODUCTS.name(product.id));
		const priced = { ...product, packs: product.packs.map((pack) => ({ ...pack, price: 777 })) };
		await saveProduct(db, { input: priced, isNew: false, base }, ANNA);
		const older = await saveProduct(db, { input: { ...product, limit: 91 }, isNew: false, base }, BO);
		expect(older).toMatchObject({ ok: false, error: [{ message: expect.stringMatching(/Anna.*777/) }] });
		expect((await findProduct(db, product.id))?.packs[0]?.price).toBe(777);
		const latest = await lastEvent(db, PRODUCTS.name(product.id));
		expect((await saveProduct(db, { input: { ...priced, limit: 91 }, isNew: false, base: latest }, BO)).ok).toBe(true);
	});

	it('a quote that is older than the one taken in is left out', async () => {
		const { db } = await demoDatabase();
		const at = (time: string, price: number) => ({
			name: 'Supplier',
			simulated: true,
			ask: () => Promise.resolve({ currency: 'EUR', at: time, quotes: [{ sku: 'GL-P21-RD-2', price, stock: 5 }] })
		});
		const price = async () => (await findProduct(db, 'GL-P21-RD'))?.packs.find((p) => p.sku === 'GL-P21-RD-2')?.price;
		await askSupplier(db, at('2026-11-27T12:00:00.000Z', 1111) as never, ANNA);
		const before = await price();
		await askSupplier(db, at('2026-11-27T11:00:00.000Z', 999) as never, BO);
		expect(await price()).toBe(before);
		expect((await supplierState(db, at('', 0) as never)).lastGood).toBe('2026-11-27T12:00:00.000Z');
	});
});

describe('two connections', () => {
	it('a change waits for the other process without keeping anybody from reading', async () => {
		const { db, folder } = await demoDatabase();
		const other = await openDatabase(folder);
		let finish: () => void = () => undefined;
		const held = new Promise<void>((resolve) => (finish = resolve));
		const slow = change(other, async () => {
			await held;
			return ok(null);
		});
		await new Promise((resolve) => setTimeout(resolve, 50));
		const claim = { kind: 'remove' as const, socket: 'dome' as never };
		const car = 'fenholm-skerry-ii-2017';
		const base = await lastEvent(db, CONFIGURATIONS.name(car));
		const writing = changeRecord(db, { id: car, base, command: claim }, ANNA);
		await new Promise((resolve) => setTimeout(resolve, 50));
		expect(await db('configurations').count({ n: '*' })).not.toEqual([{ n: 0 }]);
		finish();
		expect((await slow).ok && (await writing).ok).toBe(true);
		await other.destroy();
		expect(databaseFailure({ code: 'SQLITE_BUSY' })).toContain('an import, or the command line');
	});
});

describe('a merged vehicle', () => {
	it('keeps the codes that were released for it', async () => {
		const { db, ctx, id } = await bikeKit();
		await checkDraft(ctx, id, { by: 'Anna', found: await allLookedAt(ctx, id) });
		const released = await releaseKit(ctx, id);
		const code = released.ok ? released.value.code : '';
		const parted = await splitConfiguration(db, { id: BIKE, cut: { by: 'year', from: 2012 } }, ANNA);
		const keep = parted.ok ? parted.value.id : '';
		expect(await mergeConfigurations(db, { keep, drop: BIKE }, ANNA)).toMatchObject({ ok: true });
		expect((await findKit(db, id))?.configurationId).toBe(keep);
		expect(await customerKit(db, code)).toMatchObject({ code, vehicle: expect.stringContaining('Fjell') });
	});
});
