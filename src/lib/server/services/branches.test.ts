import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { allLookedAt, demoDatabase, kitContextOn } from '../../../../tests/support/database';
import { kitOrder, type Product } from '../../core/model';
import { elsewhereWords, productColumns } from '../../core/views';
import { seenFrom, WHOLE_CHAIN, withEveryShelf } from '../db/branch';
import { changeAlways } from '../db/change';
import { findConfiguration } from '../repositories/configurations';
import { findKit } from '../repositories/kits';
import { findProduct, productsFor } from '../repositories/products';
import { pageOfProducts, searchStock, type Found } from '../repositories/stock-pages';
import { changeBranch, elsewhere, openBranch, shelvesEverywhere } from './branches';
import { bringKit, bringOver, toBring } from './bring-over';
import { shopData } from './catalogue';
import { examine } from './doctor';
import { exportComplete } from './complete';
import { startKit } from './kits';
import { brokenKits } from './kits/broken';
import { draftFor } from './kits/choices';
import { reorderKit } from './kits/draft';
import { checkDraft, releaseKit } from './kits/life';
import { changePolicy, hasOwnPolicy, readPolicy } from './policy';
import { historyOf, stepHistory } from './record/history';
import { PRODUCTS } from './record/store';
import { whatToOrder } from './reorder';
import { quoteKit, standingOf, stepSale } from './sales';
import { saveProduct } from './stock';
import { askSupplier } from './supplier';
import { changedSince } from './today/since';

const ACTOR = { by: 'A. Person', now: '2026-11-26T08:00:00.000Z' };
const TODAY = '2026-11-26';
const LAMP = 'GL-P21-RD';

/** A chain of two: the demo's shop, and one at the quay with empty shelves. */
async function chain(): Promise<{ db: Knex; quay: Knex; folder: string }> {
	const { db, folder } = await demoDatabase();
	const opened = await openBranch(db, { name: 'Quay', first: 'Harbour' });
	if (!opened.ok) throw new Error(opened.error);
	return { db, quay: seenFrom(db, opened.value.id), folder };
}

const lampIn = async (db: Knex) => (await findProduct(db, LAMP))!;
const stockOf = async (db: Knex) => (await lampIn(db)).packs.map(({ stock }) => stock);

/** Says at a branch what lies there of the first pack of the lamp, and what it costs. */
async function counted(at: Knex, more: { stock?: number; price?: number; shelf?: string }) {
	const lamp = await lampIn(at);
	const packs = lamp.packs.map((pack, i) => (i === 0 ? { ...pack, ...more } : pack));
	expect(await saveProduct(at, { input: { ...lamp, packs }, isNew: false }, ACTOR)).toMatchObject({ ok: true });
}

describe('a shelf of a branch', () => {
	it('is its own: what is counted, priced and placed there changes nothing elsewhere, what is said of the lamp is said for all', async () => {
		const { db, quay } = await chain();
		const before = await lampIn(db);
		expect(await stockOf(quay)).toEqual(before.packs.map(() => 0));
		await counted(quay, { stock: 3, price: 4321, shelf: 'Q1' });
		expect((await lampIn(quay)).packs[0]).toMatchObject({ stock: 3, price: 4321, shelf: 'Q1' });
		expect(await lampIn(db)).toEqual(before);
		expect(
			await saveProduct(quay, { input: { ...(await lampIn(quay)), limit: 91 }, isNew: false }, ACTOR)
		).toMatchObject({
			ok: true
		});
		expect((await lampIn(db)).limit).toBe(91);
		expect((await lampIn(db)).packs).toEqual(before.packs);
		// A price that is as at the first branch goes with it.
		await counted(quay, { price: before.packs[0]!.price });
		await counted(db, { price: 999 });
		expect((await lampIn(quay)).packs[0]).toMatchObject({ stock: 3, price: 999 });
		expect((await stockOf(seenFrom(db, WHOLE_CHAIN)))[0]).toBe(before.packs[0]!.stock! + 3);
	});

	it('is listed by its own prices, page by page, all of it or what was looked for', async () => {
		const { db, quay } = await chain();
		const priceOf = (product: Product) => productColumns(product).price;
		const pages = async (at: Knex, wish: { found: Found; down: boolean }) => {
			const rows: Product[] = [];
			for (let from = 0; ; from += 7) {
				const page = await pageOfProducts(at, { ...wish, by: 'price', from, most: 7 });
				rows.push(...page.rows);
				if (page.rows.length === 0) return { rows, total: page.total };
			}
		};
		await counted(quay, { price: 1 });
		for (const found of [null, await searchStock(db, 'harbour')])
			for (const down of [false, true]) {
				const { rows, total } = await pages(quay, { found, down });
				const prices = rows.map(priceOf);
				expect(prices).toEqual([...prices].sort((a, b) => (down ? b - a : a - b)));
				expect(new Set(rows.map(({ id }) => id)).size).toBe(total);
				expect(rows.at(down ? -1 : 0)!.id).toBe(LAMP);
				expect((await pages(db, { found, down })).total).toBe(total);
			}
		expect((await pages(db, { found: null, down: false })).rows[0]!.id).not.toBe(LAMP);
	});

	it('has its own history, and the history of the lamp still leads to where it is', async () => {
		const { db, quay, folder } = await chain();
		await counted(quay, { stock: 3 });
		const { changes } = await changedSince(db, '2026-11-25');
		expect(changes.map(({ item }) => item)).toEqual([LAMP]);
		await counted(db, { stock: 1 });
		const kinds = async (at: Knex) => (await historyOf(at, PRODUCTS, LAMP)).events.map(({ kind }) => kind);
		expect(await kinds(quay)).toEqual(['change', 'change', 'created']);
		expect(await kinds(db)).toEqual(['change', 'created']);
		expect(await stepHistory(quay, PRODUCTS, { id: LAMP, way: 'undo', actor: ACTOR })).toMatchObject({ ok: false });
		await stepHistory(db, PRODUCTS, { id: LAMP, way: 'undo', actor: ACTOR });
		expect((await stockOf(quay))[0]).toBe(3);
		const wrong = (await examine(db, folder)).checks.filter(({ ok, name }) => !ok && name !== 'backups');
		expect(wrong).toEqual([]);
	});

	it('that somebody else has changed meanwhile is not written over', async () => {
		const { quay } = await chain();
		const base = (await historyOf(quay, PRODUCTS, LAMP)).events[0]?.id ?? 0;
		const seen = await lampIn(quay);
		await counted(quay, { stock: 3 });
		const late = { ...seen, packs: seen.packs.map((pack) => ({ ...pack, stock: 9 })) };
		expect(await saveProduct(quay, { input: late, isNew: false, base }, ACTOR)).toMatchObject({
			ok: false,
			error: [{ path: 'conflict' }]
		});
		expect((await stockOf(quay))[0]).toBe(3);
	});

	it('is filled from another one: both change, or none', async () => {
		const { db, quay } = await chain();
		const [pack] = (await lampIn(db)).packs;
		const asked = { id: LAMP, sku: pack!.sku, from: null, to: 'quay' };
		expect(await bringOver(db, { ...asked, packs: pack!.stock! + 1 }, ACTOR)).toMatchObject({ ok: false });
		expect(await bringOver(db, { ...asked, packs: 2 }, ACTOR)).toMatchObject({ ok: true });
		expect([(await stockOf(db))[0], (await stockOf(quay))[0]]).toEqual([pack!.stock! - 2, 2]);
		for (const packs of [0, -1, 0.5, Number.NaN])
			expect(await bringOver(db, { ...asked, packs }, ACTOR)).toMatchObject({ ok: false });
		expect(await bringOver(db, { ...asked, packs: 1, to: 'nowhere' }, ACTOR)).toMatchObject({ ok: false });
		expect((await shelvesEverywhere(db, LAMP)).filter(({ sku }) => sku === pack!.sku)).toMatchObject([
			{ name: 'Harbour', branch: null, stock: pack!.stock! - 2 },
			{ name: 'Quay', branch: 'quay', stock: 2 }
		]);
	});

	it('goes along when a pack gets another number, wherever that is written', async () => {
		const { db, quay } = await chain();
		const before = (await stockOf(db))[0];
		await counted(quay, { stock: 3, price: 4321 });
		const rename = async (at: Knex, sku: string) => {
			const lamp = await lampIn(at);
			const packs = lamp.packs.map((pack, i) => (i === 0 ? { ...pack, sku } : pack));
			expect(await saveProduct(at, { input: { ...lamp, packs }, isNew: false }, ACTOR)).toMatchObject({ ok: true });
		};
		for (const [at, sku] of [
			[db, 'NEW-1'],
			[quay, 'NEW-2']
		] as const) {
			await rename(at, sku);
			expect((await lampIn(db)).packs[0]).toMatchObject({ sku, stock: before });
			expect((await lampIn(quay)).packs[0]).toMatchObject({ sku, stock: 3, price: 4321 });
		}
	});

	it('is not filled by the supplier, whoever asks: the first one is', async () => {
		const { db, quay } = await chain();
		const { sku, price } = (await lampIn(db)).packs[0]!;
		const quotes = [{ sku, price: price + 1, stock: 77 }];
		const supplier = {
			name: 'Made up',
			simulated: true,
			ask: () => Promise.resolve({ at: ACTOR.now, currency: 'EUR', quotes })
		};
		expect(await askSupplier(quay, supplier, ACTOR)).toMatchObject({ trouble: null, changes: 2 });
		expect((await lampIn(db)).packs[0]).toMatchObject({ stock: 77, price: price + 1 });
		expect((await lampIn(quay)).packs[0]).toMatchObject({ stock: 0, price: price + 1 });
	});

	it('says what lies elsewhere, by the pieces; of a closed branch nothing counts', async () => {
		const { db, quay } = await chain();
		await counted(quay, { stock: 3 });
		const words = async (at: Knex) => elsewhereWords((await elsewhere(at, [await lampIn(at)])).get(LAMP) ?? []);
		const count = (await lampIn(db)).packs[0]!.count;
		expect(await words(db)).toBe(`${3 * count} at Quay`);
		expect(await words(quay)).toMatch(/^\d+ at Harbour$/);
		expect(await changeBranch(db, 'quay', { closed: true })).toMatchObject({ ok: true });
		expect(await words(db)).toBe('');
		expect(await changeBranch(db, 'harbour', { closed: true })).toMatchObject({ ok: false });
	});
});

describe('a branch', () => {
	it('matches and judges by its own shelves, prices and policy', async () => {
		const { db, quay } = await chain();
		await counted(quay, { stock: 3, price: 4321 });
		const caseIn = async (at: Knex) =>
			(await shopData(at, { configurations: [], products: [LAMP] })).catalogue.find(LAMP);
		expect((await caseIn(quay))?.record.packs[0]).toMatchObject({ stock: 3, price: 4321 });
		expect((await caseIn(db))?.record.packs[0]?.price).not.toBe(4321);
		expect(await productsFor(quay, 'P21W')).toHaveLength((await productsFor(db, 'P21W')).length);
		const common = await readPolicy(db);
		expect(await changePolicy(quay, { headlamps: 'proved' })).toMatchObject({ ok: true });
		expect([await hasOwnPolicy(quay), await hasOwnPolicy(db)]).toEqual([true, false]);
		expect(await readPolicy(db)).toEqual(common);
		expect((await shopData(quay, { configurations: [] })).shop.policy).toEqual({ headlamps: 'proved' });
		await changePolicy(quay, null);
		expect(await readPolicy(quay)).toEqual(common);
		expect(await changePolicy(db, null)).toMatchObject({ ok: false });
	});

	it('has kits of its own, worked out from its shelves and worked on there alone; its sales take its packs', async () => {
		const { db, quay } = await chain();
		const car = 'fenholm-sound-2015';
		const order = kitOrder.parse({ scope: 'rear' });
		const poor = await startKit(kitContextOn(quay), car, { name: 'Poor', order });
		expect(poor).toMatchObject({ ok: true, value: { branch: 'quay' } });
		const rich = await startKit({ ...kitContextOn(db), newId: () => 'K8' }, car, { name: 'Rich', order });
		if (!poor.ok || !rich.ok) throw new Error('a kit could not be worked out');
		expect(rich.value.answer.lines.length).toBeGreaterThan(poor.value.answer.lines.length);
		expect(await reorderKit(kitContextOn(db), 'K1', { change: (o) => o })).toMatchObject({
			ok: false,
			error: expect.stringContaining('a kit of Quay')
		});
		// Where its own kit is none, Match begins one.
		const own = await draftFor(kitContextOn(db), car, 'stop-L');
		expect(own).toMatchObject({ ok: true, value: { branch: null } });
		for (const line of rich.value.answer.lines)
			await bringOver(
				db,
				{ id: (line.product ?? line.accessory)!, sku: line.sku, packs: line.packs, from: null, to: 'quay' },
				ACTOR
			);
		expect(await reorderKit(kitContextOn(quay), 'K1', { change: (o) => o })).toMatchObject({ ok: true });
		const ctx = kitContextOn(quay);
		expect(await checkDraft(ctx, 'K1', { by: 'A. Person', found: await allLookedAt(ctx, 'K1') })).toMatchObject({
			ok: true
		});
		const released = await releaseKit(ctx, 'K1');
		if (!released.ok) throw new Error(released.error);
		expect(released.value.document).toMatchObject({ branch: 'Quay' });
		const sale = await quoteKit(quay, { id: 'S1', code: released.value.code }, ACTOR);
		if (!sale.ok) throw new Error(sale.error);
		const before = [...(await standingOf(db, sale.value, '2026-11-26')).values()];
		for (const action of [{ kind: 'reserve', until: '2026-12-24' }, { kind: 'order' }, { kind: 'pick' }] as const)
			// Whoever does it, from wherever they look.
			expect(await stepSale(db, { id: 'S1', action }, ACTOR)).toMatchObject({ ok: true });
		const after = [...(await standingOf(db, sale.value, '2026-11-26')).values()];
		expect(after.map(({ stock }) => stock)).toEqual(before.map(({ stock }, i) => stock - sale.value.lines[i]!.packs));
		expect(await brokenKits(db)).toEqual([]);
		const kit = (await findKit(db, 'K1'))!;
		expect(kit.branch).toBe('quay');
		// Its packs are the customer's; the next one who wants it waits for others.
		const wanting = async () => {
			const { fetched, missing } = await toBring(quay, kit, TODAY);
			return fetched.length + missing.length;
		};
		expect(await wanting()).toBe(0);
		await quoteKit(quay, { id: 'S2', code: released.value.code }, ACTOR);
		expect(await wanting()).toBeGreaterThan(0);
		const ordered = async (at: Knex) => (await whatToOrder(at, '2026-11-27')).map(({ id }) => id);
		expect(await ordered(quay)).not.toEqual(await ordered(db));
		expect(await ordered(seenFrom(db, WHOLE_CHAIN))).toEqual(expect.any(Array));
	});

	it('has kits worked out with the packs of every branch, which are brought over by one press and leave the kit as it stood', async () => {
		const { db, quay } = await chain();
		const car = 'fenholm-sound-2015';
		const cheaper = (await lampIn(db)).packs[0]!.price - 1;
		await counted(quay, { price: cheaper });
		const order = kitOrder.parse({ scope: 'rear' });
		const ctx = kitContextOn(quay);
		const poor = await startKit(ctx, car, { name: 'Poor', order });
		const rich = await startKit({ ...kitContextOn(db), newId: () => 'K8' }, car, { name: 'Rich', order });
		const reached = await reorderKit(ctx, 'K1', { change: (o) => ({ ...o, everyShelf: true }) });
		if (!poor.ok || !rich.ok || !reached.ok) throw new Error('a kit could not be worked out');
		const packs = (kit: typeof rich.value) => kit.answer.lines.map(({ sku, packs }) => ({ sku, packs }));
		expect(packs(reached.value)).toEqual(packs(rich.value));
		expect(packs(poor.value)).not.toEqual(packs(rich.value));
		// Shelves are everybody's, prices the branch's own.
		const lampsOf = (kit: typeof rich.value) => kit.answer.lines.find(({ product }) => product === LAMP);
		expect(lampsOf(reached.value)!.price).toBe(cheaper * lampsOf(reached.value)!.packs);
		expect(lampsOf(rich.value)!.price).not.toBe(lampsOf(reached.value)!.price);
		const plan = await toBring(quay, reached.value, TODAY);
		expect(plan.missing).toEqual([]);
		expect(plan.fetched.map(({ sku, packs: n, from }) => ({ sku, packs: n, from: from.name }))).toEqual(
			packs(rich.value).flatMap((line) => (line.packs > 0 ? [{ ...line, from: 'Harbour' }] : []))
		);
		expect(await bringKit(quay, 'K1', { sign: 'older', actor: ACTOR })).toMatchObject({ ok: false });
		const { sku, item } = plan.fetched[0]!;
		const one = { id: item, sku, packs: 1, from: null, to: 'quay' };
		expect(await bringOver(quay, one, ACTOR)).toMatchObject({ ok: true });
		expect(await bringKit(quay, 'K1', { sign: plan.sign, actor: ACTOR })).toMatchObject({
			ok: false,
			error: expect.stringContaining('changed meanwhile')
		});
		const now = await toBring(quay, reached.value, TODAY);
		const brought = await bringKit(quay, 'K1', { sign: now.sign, actor: ACTOR });
		expect(brought).toMatchObject({ ok: true, value: now.fetched.reduce((sum, f) => sum + f.packs, 0) });
		expect(await toBring(quay, reached.value, TODAY)).toMatchObject({ fetched: [], missing: [] });
		expect(await checkDraft(ctx, 'K1', { by: 'A. Person', found: await allLookedAt(ctx, 'K1') })).toMatchObject({
			ok: true
		});
		expect(await releaseKit(ctx, 'K1')).toMatchObject({ ok: true });
	});

	it('gives away nothing that it has promised to a customer', async () => {
		const { db, quay } = await chain();
		const [at, there] = [{ ...kitContextOn(db), newId: () => 'K8' }, kitContextOn(quay)];
		const order = kitOrder.parse({ scope: 'rear', everyShelf: true });
		const own = await startKit(at, 'fenholm-sound-2015', { name: 'Own', order });
		const theirs = await startKit(there, 'fenholm-sound-2015', { name: 'Theirs', order });
		if (!own.ok || !theirs.ok) throw new Error('a kit could not be worked out');
		await checkDraft(at, 'K8', { by: 'A. Person', found: await allLookedAt(at, 'K8') });
		const released = await releaseKit(at, 'K8');
		if (!released.ok) throw new Error(released.error);
		const { sku, packs: wanted } = own.value.answer.lines.find(({ product }) => product === LAMP)!;
		const lamp = await lampIn(db);
		const packs = lamp.packs.map((pack) => (pack.sku === sku ? { ...pack, stock: wanted } : pack));
		expect(await saveProduct(db, { input: { ...lamp, packs }, isNew: false }, ACTOR)).toMatchObject({ ok: true });
		const fetched = async () => (await toBring(quay, theirs.value, TODAY)).fetched.some((one) => one.sku === sku);
		expect(await fetched()).toBe(true);
		await quoteKit(db, { id: 'S1', code: released.value.code }, ACTOR);
		const reserved = await stepSale(db, { id: 'S1', action: { kind: 'reserve', until: '2026-12-24' } }, ACTOR);
		expect(reserved).toMatchObject({ ok: true });
		expect(await fetched()).toBe(false);
		expect((await toBring(quay, theirs.value, TODAY)).missing).toMatchObject([{ sku, packs: wanted }]);
		const again = await reorderKit({ ...there, now: () => ACTOR.now }, 'K1', { change: (one) => one });
		expect(again.ok && again.value.answer.lines.map((line) => line.sku)).not.toContain(sku);
	});

	it('that is closed counts for nothing in a kit that is worked out with the packs of every branch', async () => {
		const { db, quay } = await chain();
		const { stock } = (await lampIn(db)).packs[0]!;
		await counted(quay, { stock: 500 });
		const seen = async () => {
			const { catalogue } = await shopData(withEveryShelf(db), { configurations: [], products: [LAMP] });
			return catalogue.find(LAMP)?.record.packs[0]?.stock;
		};
		const kept = async () => {
			const car = (await findConfiguration(db, 'fenholm-sound-2015'))!;
			const { catalogue } = await shopData(withEveryShelf(db), { configurations: [car] });
			return catalogue.find(LAMP)?.record.packs[0]?.stock;
		};
		expect([await seen(), await kept()]).toEqual([stock! + 500, stock! + 500]);
		await changeBranch(db, 'quay', { closed: true });
		expect([await seen(), await kept()]).toEqual([stock, stock]);
		await changeBranch(db, 'quay', { closed: false });
		expect([await seen(), await kept()]).toEqual([stock! + 500, stock! + 500]);
		await expect(saveProduct(withEveryShelf(db), { input: await lampIn(db), isNew: false }, ACTOR)).rejects.toThrow();
	});

	it('goes along in a complete export; nothing is written to the whole chain at once', async () => {
		const { db, quay } = await chain();
		await counted(quay, { stock: 3 });
		const { complete } = (await exportComplete(quay)) as { complete: { tables: Record<string, object[]> } };
		expect(complete.tables.branches).toHaveLength(2);
		expect(complete.tables.branch_packs?.length).toBeGreaterThan(0);
		const all = seenFrom(db, WHOLE_CHAIN);
		const lamp = await lampIn(all);
		await expect(saveProduct(all, { input: { ...lamp, limit: 77 }, isNew: false }, ACTOR)).rejects.toThrow();
		expect((await lampIn(db)).limit).not.toBe(77);
		await changeAlways(db, async (tx) => tx('branch_packs').delete());
	});

	it('has a name that nobody else has', async () => {
		const { db } = await chain();
		for (const name of ['', ' ', 'quay', 'HARBOUR', 'x'.repeat(61)])
			expect(await openBranch(db, { name })).toMatchObject({ ok: false });
		expect(await openBranch(db, { name: 'Quay!' })).toMatchObject({ ok: true, value: { id: 'quay-2' } });
		expect(await changeBranch(db, 'quay', { name: 'Harbour' })).toMatchObject({ ok: false });
		const { db: alone } = await demoDatabase();
		expect(await openBranch(alone, { name: 'Quay' })).toMatchObject({ ok: false });
	});
});
