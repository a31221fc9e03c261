import { describe, expect, it } from 'vitest';
import { allLookedAt, putRecords, demoDatabase, kitContextOn } from '../../../../../tests/support/database';
import { kitOrder } from '../../../core/model';
import { findProduct } from '../../repositories/products';
import { askCounter } from '../counter';
import { alternativesFor, checkDraft, kitSheet, namesIn, offerFor, releaseKit, startKit, type KitContext } from '.';

const BIKE = 'brisken-fjell-650-2010';

async function bike(order: object = {}) {
	const { db } = await demoDatabase();
	const ctx: KitContext = kitContextOn(db);
	await startKit(ctx, BIKE, { name: 'Bike', order: kitOrder.parse(order) });
	return { db, ctx };
}

describe('what kit for this vehicle?', () => {
	it('is understood at the counter, with the end of the vehicle it is for', async () => {
		const { db } = await demoDatabase();
		expect((await askCounter(db, 'fjell kit')).kit).toBe('vehicle');
		expect((await askCounter(db, 'skerry rear kit')).kit).toBe('rear');
		expect((await askCounter(db, 'fjell stop')).kit).toBeNull();
	});

	it('is answered with three prices, the first of them the lowest, and a released kit once there is one', async () => {
		const { ctx } = await bike();
		const before = await offerFor(ctx, BIKE, { scope: 'vehicle' });
		expect(before?.released).toBeNull();
		expect(before?.prices.map((p) => p.balance)).toEqual(['price', 'light', 'ease']);
		const [price, ...others] = before?.prices.map((p) => p.total) ?? [];
		for (const other of others) expect(other).toBeGreaterThanOrEqual(price ?? NaN);
		await checkDraft(ctx, 'K1', { by: 'A. Person', found: await allLookedAt(ctx, 'K1') });
		await releaseKit(ctx, 'K1');
		expect((await offerFor(ctx, BIKE, { scope: 'vehicle' }))?.released).toMatchObject({ code: 'CODE-1', impacts: 0 });
		expect((await offerFor(ctx, BIKE, { scope: 'rear' }))?.released).toBeNull();
		expect(await offerFor(ctx, 'nobody', { scope: 'vehicle' })).toBeNull();
	});

	it('passes over a released kit that would not be worked out so today', async () => {
		const { db, ctx } = await bike();
		await checkDraft(ctx, 'K1', { by: 'A. Person', found: await allLookedAt(ctx, 'K1') });
		await releaseKit(ctx, 'K1');
		const sheet = await kitSheet(db, BIKE, { id: 'K1' });
		const product = (await findProduct(db, sheet?.answer.lines.find((l) => l.product)?.product ?? ''))!;
		const bigger = { ...product.size, frontLength: 300 as never, frontDiameter: 90 as never };
		await putRecords(db, { products: [{ ...product, size: bigger }] });
		expect((await offerFor(ctx, BIKE, { scope: 'vehicle' }))?.released).toBeNull();
	});
});

describe('what may go in a place', () => {
	it('are the lamps Match does not refuse, and assemblies with what they replace', async () => {
		const { db } = await bike();
		const sheet = (await kitSheet(db, BIKE, { id: 'K1' }))!;
		const place = await alternativesFor(db, sheet, 'headlamp');
		const insert = place?.alternatives.find((a) => a.product === 'VA-FJELL-INS');
		expect(insert).toMatchObject({ verdict: 'unknown', replaces: 'Low beam / high beam, Front position' });
		expect(place?.alternatives.some((a) => a.verdict === 'refused')).toBe(false);
		expect(await alternativesFor(db, sheet, 'nowhere')).toBeNull();
	});

	it('say which is in the kit, and name every place its line serves', async () => {
		const { db } = await bike();
		const place = await alternativesFor(db, (await kitSheet(db, BIKE, { id: 'K1' }))!, 'turn-rear-L');
		expect(place?.alternatives.filter((a) => a.current)).toHaveLength(1);
		expect(place?.places.map((p) => p.name)).toEqual(['Front turn, both', 'Rear turn, both']);
	});

	it('what an order speaks of by ids has a name', async () => {
		const forbidden = [{ product: 'GL-W5-60', socket: 'position' }];
		const has = { lamps: { plate: 'GL-W5-43' }, parts: { 'RS-6-50': 2 } };
		const { db } = await bike({ forbidden, has });
		const names = await namesIn(db, (await kitSheet(db, BIKE, { id: 'K1' }))!);
		expect(Object.keys(names).sort()).toEqual(['GL-W5-43', 'GL-W5-60', 'RS-6-50', 'plate', 'position']);
		expect(names.position).toBe('Front position');
	});
});
