import { describe, expect, it } from 'vitest';
import { allLookedAt, demoDatabase, kitContextOn } from '../../../../../tests/support/database';
import { kitOrder } from '../../../core/model';
import type { StoredKit } from '../../repositories/kits';
import { findProduct } from '../../repositories/products';
import { quoteKit, stepSale } from '../sales';
import { saveProduct } from '../stock';
import { checkDraft, offerFor, releaseKit, reorderKit, reviseKit, startKit } from '.';

const VEHICLE = 'fenholm-sound-2015';
const LAMP = 'GL-P21-RD';
const NOW = '2026-11-26T08:00:00.000Z';
const UNTIL = '2026-12-24';
const AFTER = '2026-12-25T12:00:00.000Z';
const ACTOR = { by: 'A. Person', now: NOW };
const REAR = kitOrder.parse({ scope: 'rear' });

/** Packs of the lamp in a kit, by number. */
const lampsIn = ({ answer }: StoredKit) =>
	Object.fromEntries(
		answer.lines.filter(({ product }) => product === LAMP).map(({ sku, packs }) => [sku as string, packs])
	);

/** A shop with as many packs of a lamp as a released kit takes. */
async function shop() {
	const { db } = await demoDatabase();
	const lamp = (await findProduct(db, LAMP))!;
	const ctx = kitContextOn(db, NOW);
	const kit = await startKit(ctx, VEHICLE, { name: 'First', order: REAR });
	if (!kit.ok) throw new Error(kit.error);
	await checkDraft(ctx, 'K1', { by: 'A. Person', found: await allLookedAt(ctx, 'K1') });
	const released = await releaseKit(ctx, 'K1');
	if (!released.ok) throw new Error(released.error);
	const taken = lampsIn(kit.value);
	const packs = lamp.packs.map((pack) => ({ ...pack, stock: taken[pack.sku] ?? 0 }));
	await saveProduct(db, { input: { ...lamp, packs }, isNew: false }, ACTOR);
	/** The kit is promised to a customer, all its packs. */
	const promise = async () => {
		await quoteKit(db, { id: 'S1', code: released.value.code }, ACTOR);
		return stepSale(db, { id: 'S1', action: { kind: 'reserve', until: UNTIL } }, ACTOR);
	};
	/** The same lamps wanted by another customer, on a day. */
	let count = 1;
	const other = async (now: string) => {
		const kit = await startKit({ ...kitContextOn(db, now), newId: () => `K${++count}` }, VEHICLE, {
			name: 'Other',
			order: REAR
		});
		if (!kit.ok) throw new Error(kit.error);
		return lampsIn(kit.value);
	};
	return { db, ctx, promise, taken, other };
}

describe('packs that a customer was promised', () => {
	it('count for no other kit and no offer, until the day they were promised to has passed', async () => {
		const { ctx, promise, taken, other } = await shop();
		const cheapest = async () => (await offerFor(ctx, VEHICLE, { scope: 'rear' }))?.prices[0];
		expect(Object.values(taken)).not.toEqual([]);
		expect(await other(NOW)).toEqual(taken);
		const before = await cheapest();
		expect(await promise()).toMatchObject({ ok: true });
		expect(await other(NOW)).toEqual({});
		expect(await cheapest()).not.toEqual(before);
		expect(await other(AFTER)).toEqual(taken);
	});

	it('count for the next revision of the kit they were promised with', async () => {
		const { ctx, promise, taken } = await shop();
		await promise();
		expect(await reviseKit(ctx, 'K1')).toMatchObject({ ok: true });
		const again = await reorderKit(ctx, 'K1', { change: (order) => order });
		expect(again.ok && lampsIn(again.value)).toEqual(taken);
	});

	it('count again once the sale is off', async () => {
		const { db, promise, taken, other } = await shop();
		await promise();
		expect(await other(NOW)).toEqual({});
		expect(await stepSale(db, { id: 'S1', action: { kind: 'lose', because: 'price' } }, ACTOR)).toMatchObject({
			ok: true
		});
		expect(await other(NOW)).toEqual(taken);
	});
});
