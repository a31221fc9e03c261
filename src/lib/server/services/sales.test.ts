import { describe, expect, it } from 'vitest';
import type { Knex } from 'knex';
import { allLookedAt, demoDatabase, kitContextOn } from '../../../../tests/support/database';
import { kitOrder } from '../../core/model';
import type { Sale } from '../../core/sale';
import { findProduct } from '../repositories/products';
import { customersOf, findSale, listSales, putCustomer } from '../repositories/sales';
import { wantedBy } from '../repositories/demand';
import { changeAlways } from '../db/change';
import { checkDraft, releaseKit, startKit } from './kits';
import { forgetWho, quoteKit, standingOf, stepSale } from './sales';

const actor = { by: 'A. Person', now: '2026-11-28T10:00:00.000Z' };

/** The demo's shop with the kit of the motorcycle released. */
async function shopWithRelease(): Promise<{ db: Knex; code: string }> {
	const { db } = await demoDatabase();
	const ctx = kitContextOn(db);
	const kit = must(await startKit(ctx, 'brisken-fjell-650-2010', { name: 'Bike', order: kitOrder.parse({}) }));
	must(await checkDraft(ctx, kit.id, { by: 'A. Person', found: await allLookedAt(ctx, kit.id) }));
	return { db, code: must(await releaseKit(ctx, kit.id)).code };
}

const must = <T>(result: { ok: true; value: T } | { ok: false; error: string }): T => {
	if (!result.ok) throw new Error(result.error);
	return result.value;
};

const stockOf = async (db: Knex, sale: Sale) =>
	new Map(Array.from(await standingOf(db, sale, '2026-11-28'), ([sku, { stock }]) => [sku, stock]));

describe('a sale in the shop', () => {
	it('takes packs at picking, brings them back, and says so in the history of each', async () => {
		const { db, code } = await shopWithRelease();
		const sale = must(await quoteKit(db, { id: 'S1', code, customer: 'Harbour taxi 7' }, actor));
		const before = await stockOf(db, sale);
		must(await stepSale(db, { id: 'S1', action: { kind: 'reserve', until: '2026-12-10' } }, actor));
		expect(await stockOf(db, sale)).toEqual(before);
		must(await stepSale(db, { id: 'S1', action: { kind: 'order' } }, actor));
		must(await stepSale(db, { id: 'S1', action: { kind: 'pick' } }, actor));
		const picked = await stockOf(db, sale);
		for (const { sku, packs } of sale.lines) expect(picked.get(sku)).toBe((before.get(sku) ?? 0) - packs);
		must(await stepSale(db, { id: 'S1', action: { kind: 'hand-over' } }, actor));
		const packs = new Map(sale.lines.map((line) => [line.sku, line.packs]));
		const back = must(
			await stepSale(
				db,
				{ id: 'S1', action: { kind: 'take-back', reason: 'not-wanted', restocked: true, packs } },
				actor
			)
		);
		expect(back.state).toBe('returned');
		expect(await stockOf(db, sale)).toEqual(before);
		const lines = sale.lines.filter(({ item }) => item !== '');
		const product = (await Promise.all(lines.map(({ item }) => findProduct(db, item)))).find((p) => p !== null);
		const events: { what: string }[] = await db('events')
			.where({ record: `product:${product?.id ?? ''}` })
			.orderBy('id', 'desc')
			.limit(2);
		expect(events.map(({ what }) => what)).toEqual(['Came back from S1', 'Picked for S1']);
	});

	it('never promises the last pack twice, whoever asks at the same moment', async () => {
		const { db, code } = await shopWithRelease();
		const first = must(await quoteKit(db, { id: 'S1', code }, actor));
		const standing = await standingOf(db, first, '2026-11-28');
		const fits = Math.min(...first.lines.map(({ sku, packs }) => Math.floor((standing.get(sku)?.stock ?? 0) / packs)));
		const ids = Array.from({ length: fits + 2 }, (_, i) => `S${i + 2}`);
		for (const id of ids) must(await quoteKit(db, { id, code }, actor));
		const asked = await Promise.all(
			ids.map((id) => stepSale(db, { id, action: { kind: 'reserve', until: '2026-12-01' } }, actor))
		);
		expect(asked.filter(({ ok }) => ok)).toHaveLength(fits);
		const refused = asked.find(({ ok }) => !ok);
		expect(refused && !refused.ok ? refused.error : '').toContain('reserved for others');
		// The day after the last day, everything is free again.
		const later = { ...actor, now: '2026-12-02T10:00:00.000Z' };
		must(await stepSale(db, { id: 'S1', action: { kind: 'reserve', until: '2026-12-20' } }, later));
	});

	it('counts a lost quote as demand, without anybody’s name, and changes nothing when it refuses', async () => {
		const { db, code } = await shopWithRelease();
		const sale = must(await quoteKit(db, { id: 'S1', code, customer: 'Nobody in particular' }, actor));
		must(await stepSale(db, { id: 'S1', action: { kind: 'lose', because: 'price' } }, actor));
		const wanted = await wantedBy(db, ['lost']);
		expect(wanted.length).toBeGreaterThan(0);
		expect(wanted.every(({ configuration }) => configuration === sale.configuration)).toBe(true);
		const again = await stepSale(db, { id: 'S1', action: { kind: 'pick' } }, actor);
		expect(again).toEqual({ ok: false, error: 'Only what was ordered is picked.' });
		expect((await findSale(db, 'S1'))?.state).toBe('lost');
	});

	it('keeps a customer apart, and forgets them in one step', async () => {
		const { db, code } = await shopWithRelease();
		must(await quoteKit(db, { id: 'S1', code, customer: 'Q7 5512' }, actor));
		must(await quoteKit(db, { id: 'S2', code }, actor));
		expect([...(await customersOf(db, ['S1', 'S2'])).keys()]).toEqual(['S1']);
		await changeAlways(db, (tx) => putCustomer(tx, 'S2', { name: 'Boat 3', agreedOn: '2026-11-28' }));
		await forgetWho(db, 'S1');
		expect([...(await customersOf(db, ['S1', 'S2'])).keys()]).toEqual(['S2']);
		expect(JSON.stringify(await listSales(db, { from: 0, most: 10 }))).not.toMatch(/Q7|Boat/);
	});
});
