import type { Knex } from 'knex';
import { describe, expect, it, onTestFinished } from 'vitest';
import { allLookedAt, demoDatabase, kitContextOn } from '../../../../tests/support/database';
import { kitOrder } from '../../core/model';
import { changeAlways } from '../db/change';
import { endWebhook, lastMessages, listWebhooks } from '../repositories/webhooks';
import { findProduct, putProducts } from '../repositories/products';
import { serveReceiver, type Received } from '../stand-ins/receiver/server';
import { tellOfFlagged } from './flagged';
import { createWebhook, sendMessage } from './webhooks';
import { checkDraft, releaseKit, startKit } from './kits';
import { brokenKits } from './kits/broken';

const NOW = '2026-11-29T10:00:00.000Z';
const BIKE = 'brisken-fjell-650-2010';

/** A receiver, what it heard, and an address of the shop that tells it of everything. */
async function listening(db: Knex, answer?: (n: number) => number): Promise<Received[]> {
	const heard: Received[] = [];
	const made = await createWebhook(
		db,
		{ address: 'http://127.0.0.1:1/x', events: ['kit.released', 'kit.flagged'] },
		NOW
	);
	const receiver = await serveReceiver(made.ok ? made.value : '', (one) => heard.push(one), answer ? { answer } : {});
	onTestFinished(receiver.close);
	await changeAlways(db, (tx) => tx('webhooks').update({ address: receiver.address }));
	return heard;
}

async function released(db: Knex, ctx = kitContextOn(db, NOW)): Promise<{ code: string; id: string }> {
	const kit = await startKit(ctx, BIKE, { name: 'Bike', order: kitOrder.parse({}) });
	if (!kit.ok) throw new Error(kit.error);
	await checkDraft(ctx, kit.value.id, { by: 'Anna', found: await allLookedAt(ctx, kit.value.id) });
	const done = await releaseKit(ctx, kit.value.id);
	if (!done.ok) throw new Error(done.error);
	return { code: done.value.code, id: kit.value.id };
}

/** Sends what waits, at once and over and over, whenever its time is. */
async function sendAll(db: Knex, most = 20): Promise<void> {
	let now = new Date();
	for (let i = 0; i < most; i++) {
		const [message] = (await lastMessages(db, 10)).filter(({ nextAt }) => nextAt !== null);
		if (!message) return;
		if (message.nextAt! > now.toISOString()) now = new Date(message.nextAt!);
		await sendMessage(db, message.id, () => new Date());
	}
}

describe('a program that wants to know', () => {
	it('is told of a release once, signed; a refused one is not told of', async () => {
		const { db } = await demoDatabase();
		const heard = await listening(db);
		const ctx = kitContextOn(db, NOW);
		const draft = await startKit(ctx, BIKE, { name: 'Draft', order: kitOrder.parse({}) });
		expect((await releaseKit(ctx, draft.ok ? draft.value.id : '')).ok).toBe(false);
		const { code } = await released(db, ctx);
		await sendAll(db);
		await sendAll(db);
		expect(heard).toEqual([
			{
				genuine: true,
				again: false,
				message: expect.objectContaining({ event: 'kit.released', code, configuration: BIKE })
			}
		]);
	});

	it('that does not answer is tried again with growing pauses, and then given up; one that comes back gets it', async () => {
		const { db } = await demoDatabase();
		const heard = await listening(db, (n) => (n < 3 ? 500 : 204));
		await released(db);
		await sendAll(db);
		expect(heard.map(({ genuine }) => genuine)).toEqual([true, true, true]);
		expect(await lastMessages(db, 1)).toMatchObject([{ tries: 3, nextAt: null, said: 'answered 204' }]);
		await changeAlways(db, (tx) => tx('webhooks').update({ address: 'http://127.0.0.1:9/gone' }));
		await changeAlways(db, (tx) => tx('messages').update({ next_at: NOW, arrived_at: null, tries: 0 }));
		const pauses: number[] = [];
		for (let at = new Date(NOW); ;) {
			const after = await sendMessage(db, (await lastMessages(db, 1))[0]!.id, () => at);
			if (!after?.nextAt) break;
			pauses.push(Date.parse(after.nextAt) - at.getTime());
			at = new Date(after.nextAt);
		}
		expect(pauses.length).toBeGreaterThan(5);
		expect(pauses).toEqual([...pauses].sort((a, b) => a - b));
		expect(await lastMessages(db, 1)).toMatchObject([
			{ nextAt: null, arrivedAt: null, said: expect.stringContaining('not reached') }
		]);
	});

	it('is told once of a released kit that would not be made so any more, and again when it broke again', async () => {
		const { db } = await demoDatabase();
		await listening(db);
		const { code, id } = await released(db);
		expect(await tellOfFlagged(db, await brokenKits(db), NOW)).toBe(0);
		const own = db('kit_items').where({ kit_id: id }).whereIn('item', db('products').select('id'));
		const [line] = await own.select('item');
		const product = (await findProduct(db, line.item))!;
		await changeAlways(db, (tx) => putProducts(tx, [{ ...product, fits: ['H1' as never] }]));
		expect(await tellOfFlagged(db, await brokenKits(db), NOW)).toBe(1);
		expect(await tellOfFlagged(db, await brokenKits(db), NOW)).toBe(0);
		const told = (await lastMessages(db, 10)).filter(({ event }) => event === 'kit.flagged');
		const said = told.map(({ body }) => JSON.parse(body)).find((one) => one.code === code);
		expect(said).toMatchObject({ kit: id, why: expect.arrayContaining([expect.any(String)]) });
		await changeAlways(db, (tx) => putProducts(tx, [product]));
		expect(await tellOfFlagged(db, await brokenKits(db), NOW)).toBe(0);
		await changeAlways(db, (tx) => putProducts(tx, [{ ...product, fits: ['H1' as never] }]));
		expect(await tellOfFlagged(db, await brokenKits(db), NOW)).toBe(1);
	});

	it('that was taken out is told nothing more; an address that is none is refused', async () => {
		const { db } = await demoDatabase();
		const heard = await listening(db);
		await released(db);
		const [hook] = await listWebhooks(db);
		await changeAlways(db, (tx) => endWebhook(tx, hook!.id, NOW));
		await sendAll(db);
		expect(heard).toEqual([]);
		for (const address of ['', 'shop', 'ftp://shop/x', 'javascript:alert(1)', 'https://a:b@shop/x'])
			expect((await createWebhook(db, { address, events: ['kit.released'] }, NOW)).ok).toBe(false);
		expect((await createWebhook(db, { address: 'https://shop.example/x', events: ['nothing'] }, NOW)).ok).toBe(false);
	});
});

describe('a message', () => {
	it('that was changed on the way, or comes from somebody else, is not taken for genuine', async () => {
		const { db } = await demoDatabase();
		const heard = await listening(db);
		await changeAlways(db, (tx) => tx('webhooks').update({ secret: 'another' }));
		await released(db);
		await sendMessage(db, (await lastMessages(db, 1))[0]!.id, () => new Date());
		expect(heard).toEqual([{ genuine: false, again: false, message: null }]);
	});
});
