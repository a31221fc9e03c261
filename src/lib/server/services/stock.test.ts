import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { demoDatabase } from '../../../../tests/support/database';
import { readAccessory, type IncomingTable } from '../../core/exchange';
import { csv } from '../documents/csv';
import { readTables } from '../documents/read-tables';
import { findConfiguration } from '../repositories/configurations';
import { findAccessory, findProduct, listAccessories, listProducts } from '../repositories/products';
import { stockInput } from '../stock-input';
import { changeAssumptions, readAssumptions } from './assumptions';
import { shopData } from './catalogue';
import { matchWish, showMatch } from './match';
import { showWhole } from './whole';
import { historyOf, stepHistory } from './record/history';
import { PRODUCTS } from './record/store';
import { stockTables } from './sheets/export';
import { previewSheets, writeSheets, type SheetOptions } from './sheets/import';
import { complaintsAbout } from '../repositories/complaints';
import { addProductEvidence, saveAccessory, saveProduct } from './stock';

const ACTOR = { by: 'A. Person', now: '2026-11-26T08:00:00.000Z' };
const PLAIN: SheetOptions = { supplier: '', source: null, configuration: null, maps: {}, leaveOut: false };
const still = () => undefined;

const socketOf = async (db: Knex, id: string) =>
	(await findConfiguration(db, 'fenholm-sound-2015'))!.sockets.find((s) => s.id === id)!;

async function tables(text: string, name = 'list.csv'): Promise<IncomingTable[]> {
	const read = await readTables(new TextEncoder().encode(text), name);
	if (!read.ok) throw new Error(read.error);
	return read.value.tables;
}

describe('a product edited by hand', () => {
	it('is written with its history, and undo takes it back', async () => {
		const { db } = await demoDatabase();
		const before = (await findProduct(db, 'GL-P21-RD'))!;
		const ofStop = async () => shopData(db, { configurations: [{ sockets: [await socketOf(db, 'stop-L')] }] });
		const { catalogue } = await ofStop();
		expect(await saveProduct(db, { input: { ...before, limit: 90 }, isNew: false }, ACTOR)).toMatchObject({ ok: true });
		expect((await findProduct(db, 'GL-P21-RD'))?.limit).toBe(90);
		expect((await ofStop()).catalogue).not.toBe(catalogue);
		expect((await ofStop()).catalogue.find('GL-P21-RD')?.record.limit).toBe(90);
		expect((await historyOf(db, PRODUCTS, 'GL-P21-RD')).events[0]).toMatchObject({ by: 'A. Person', kind: 'change' });
		await stepHistory(db, PRODUCTS, { id: 'GL-P21-RD', way: 'undo', actor: ACTOR });
		expect(await findProduct(db, 'GL-P21-RD')).toEqual(before);
	});

	it('with something wrong is not written, and says where', async () => {
		const { db } = await demoDatabase();
		const before = (await findProduct(db, 'GL-P21-RD'))!;
		const bad = await saveProduct(db, { input: { ...before, fits: ['P99W'], limit: 'hot' }, isNew: false }, ACTOR);
		expect(bad).toMatchObject({ ok: false, error: [{ path: 'limit' }] });
		expect(await saveProduct(db, { input: { ...before, fits: ['P99W'] }, isNew: false }, ACTOR)).toMatchObject({
			ok: false,
			error: [{ path: 'fits[0]', message: '"P99W" is not a known lamp category' }]
		});
		expect(await saveProduct(db, { input: before, isNew: true }, ACTOR)).toMatchObject({
			ok: false,
			error: [{ path: 'id' }]
		});
		expect(await findProduct(db, 'GL-P21-RD')).toEqual(before);
	});

	it('may not take the number of a pack that something else has', async () => {
		const { db } = await demoDatabase();
		const cap = (await findAccessory(db, 'CP-25'))!;
		const clash = await saveAccessory(
			db,
			{ input: { ...cap, packs: [{ sku: 'FL-2-1', count: 1, price: 900 }] }, isNew: false },
			ACTOR
		);
		expect(clash).toMatchObject({ ok: false, error: [{ message: 'The SKU “FL-2-1” belongs to FL-2 and to CP-25.' }] });
		expect(await findAccessory(db, 'CP-25')).toEqual(cap);
	});

	it('no longer offered stands in no candidate list, and can be asked about by its number', async () => {
		const { db } = await demoDatabase();
		const product = (await findProduct(db, 'GL-P21-RD'))!;
		await saveProduct(db, { input: { ...product, withdrawn: true }, isNew: false }, ACTOR);
		const there = async (why = '') =>
			(await showMatch(db, 'fenholm-sound-2015', matchWish('stop-L', { why })))!.candidates.map((c) => c.product);
		expect(await there()).not.toContain('GL-P21-RD');
		expect(await there('gl-p21-rd')).toContain('GL-P21-RD');
	});
});

describe('evidence about a product', () => {
	it('the strongest source gives the value in force, and the loser is kept', async () => {
		const { db } = await demoDatabase();
		const say = (value: number, source: 'listing' | 'in-hand') =>
			addProductEvidence(
				db,
				{ id: 'GL-P21-RD', item: { fact: 'power.at13v5', value, source, on: '2026-11-26' } },
				ACTOR
			);
		await say(3.4, 'in-hand');
		await say(2, 'listing');
		const now = (await findProduct(db, 'GL-P21-RD'))!;
		expect(now.power?.at13v5).toBe(3.4);
		expect(now.evidence?.map((e) => [e.value, e.source])).toEqual([
			[2.6, 'assumed'],
			[3.4, 'in-hand'],
			[2, 'listing']
		]);
	});

	it('complaints stand with the product, the open ones first', async () => {
		const { db } = await demoDatabase();
		expect(await complaintsAbout(db, ['QU-W5-80'])).toHaveLength(2);
		expect((await complaintsAbout(db, ['GL-W16-60']))[0]?.settled).toContain('ferrite');
		const { catalogue } = await shopData(db, { configurations: [], products: ['QU-W5-80', 'GL-W16-60'] });
		const open = (id: string) => catalogue.find(id)?.track.open;
		expect([open('QU-W5-80'), open('GL-W16-60')]).toEqual([2, 0]);
	});
});

describe('the stock as a spreadsheet', () => {
	it('changes nothing when it comes back, sheet by sheet', async () => {
		const { db } = await demoDatabase();
		const before = [await listProducts(db), await listAccessories(db)];
		for (const table of await stockTables(db)) {
			const back = await tables(csv(table), `${table.name}.csv`);
			const preview = await previewSheets(db, back, { options: PLAIN, actor: ACTOR, progress: still });
			expect([table.name, preview.problems, preview.products, preview.accessories]).toEqual([
				table.name,
				[],
				{ added: 0, changed: 0 },
				{ added: 0, changed: 0 }
			]);
			await writeSheets(db, back, { options: PLAIN, actor: ACTOR, progress: still });
		}
		expect([await listProducts(db), await listAccessories(db)]).toEqual(before);
	});

	it('a price list by SKU alone, of lamps and parts together, changes price and stock and nothing else', async () => {
		const { db } = await demoDatabase();
		const list = await tables('Article,Price,On hand\nGL-P21-RD-2,1111,3\nFL-2-1,1500,0\n');
		expect(await previewSheets(db, list, { options: PLAIN, actor: ACTOR, progress: still })).toMatchObject({
			products: { added: 0, changed: 1 },
			accessories: { added: 0, changed: 1 },
			problemCount: 0
		});
		const before = (await findProduct(db, 'GL-P21-RD'))!;
		await writeSheets(db, list, { options: PLAIN, actor: ACTOR, progress: still });
		const after = (await findProduct(db, 'GL-P21-RD'))!;
		expect(after.packs.find((p) => p.sku === 'GL-P21-RD-2')).toMatchObject({ count: 2, price: 1111, stock: 3 });
		expect({ ...after, packs: [] }).toEqual({ ...before, packs: [] });
	});

	it('names each row it cannot take, and takes nothing', async () => {
		const { db } = await demoDatabase();
		const list = await tables('sku,price,stock\nNOBODY-1,900,1\nGL-P21-RD-2,dear,1\n');
		const { problems } = await previewSheets(db, list, { options: PLAIN, actor: ACTOR, progress: still });
		expect(problems).toMatchObject([
			{ row: 2, column: 'id', message: expect.stringContaining('nothing on record') },
			{ row: 3, column: 'price', message: expect.stringContaining('must be a number') }
		]);
		await expect(writeSheets(db, list, { options: PLAIN, actor: ACTOR, progress: still })).rejects.toThrow(
			'Nothing was written.'
		);
	});

	it('new lamps come in whole, packs as rows, and a number of a source is a claim', async () => {
		const { db } = await demoDatabase();
		const list = await tables(
			'id,maker,name,kind,fits,modes,colour,peak,claimed,per,at13v5,sku,count,price,stock\n' +
				'NEW-1,Ordna,Red one,led,P21W | 1156,single,red,630,120,lamp,2.4,NEW-1-1,1,700,4\n' +
				'NEW-1,,,,,,,,,,,NEW-1-2,2,1200,2\n'
		);
		await writeSheets(db, list, {
			options: { ...PLAIN, source: 'listing', supplier: 'Kai Parts' },
			actor: ACTOR,
			progress: still
		});
		const made = (await findProduct(db, 'NEW-1'))!;
		expect(made).toMatchObject({ fits: ['P21W', '1156'], power: { at13v5: 2.4 }, colour: { kind: 'red', peak: 630 } });
		expect(made.packs.map((p) => p.sku)).toEqual(['NEW-1-1', 'NEW-1-2']);
		expect(made.evidence).toContainEqual(expect.objectContaining({ fact: 'power.at13v5', source: 'listing' }));
	});
});

describe('what a form says of a thing of the stock', () => {
	const form = (fields: [string, string][]) => {
		const data = new FormData();
		for (const [name, value] of fields) data.append(name, value);
		return data;
	};

	it('takes emptied facts away, keeps what it does not show, and reads packs row by row', () => {
		const before = {
			id: 'X',
			kind: 'cap',
			scope: 'lamp',
			extraDepth: 10,
			shelfMark: 'B4',
			packs: [{ sku: 'a', note: 1 }]
		};
		const read = stockInput(
			'accessories',
			{ before: before as never, currency: 'EUR' },
			form([
				['kind', 'cap'],
				['extraDepth', ''],
				['port', '24,5'],
				['pack.sku', 'a'],
				['pack.count', '2'],
				['pack.price', '9,90'],
				['pack.stock', ''],
				['pack.sku', ''],
				['pack.count', ''],
				['pack.price', ''],
				['pack.stock', '']
			])
		);
		expect(read).toEqual({
			ok: true,
			value: {
				id: 'X',
				kind: 'cap',
				scope: 'lamp',
				port: 24.5,
				shelfMark: 'B4',
				packs: [{ sku: 'a', note: 1, count: 2, price: 990 }]
			}
		});
		expect(readAccessory(read.ok ? read.value : null)).toMatchObject({ ok: true });
	});

	it('says for each field what cannot be read', () => {
		const read = stockInput(
			'products',
			{ before: { packs: [] }, currency: 'EUR' },
			form([
				['limit', 'hot'],
				['pack.sku', 'a'],
				['pack.count', 'two'],
				['pack.price', '1'],
				['pack.stock', '']
			])
		);
		expect(read).toMatchObject({ ok: false, error: [{ path: 'limit' }, { message: 'a: count must be a number' }] });
	});
});

describe('assumptions of the shop', () => {
	it('are set with a source, turn verdicts, and go back to their defaults', async () => {
		const { db } = await demoDatabase();
		const verdicts = async () =>
			(await showMatch(db, 'fenholm-sound-2015', matchWish('tail-L')))!.candidates.filter((c) => c.verdict === 'fits')
				.length;
		const before = await verdicts();
		const set = { value: 120, source: 'a hot summer' };
		expect(await changeAssumptions(db, [{ id: 'heat.ambient.rear.high', set }])).toMatchObject({ ok: true });
		expect(await verdicts()).toBeLessThan(before);
		await changeAssumptions(db, [{ id: 'heat.ambient.rear.high', set: null }]);
		expect([await verdicts(), await readAssumptions(db)]).toEqual([before, {}]);
	});

	it.each([
		['a name nobody knows', { id: 'heat.sun', set: { value: 1, source: 'x' } }, 'There is no assumption'],
		['a number out of bounds', { id: 'heat.ambient.rear.high', set: { value: 900, source: 'x' } }, 'from -40 to 120 C'],
		['no number', { id: 'heat.ambient.rear.high', set: { value: NaN, source: 'x' } }, 'give a number'],
		['no source', { id: 'heat.ambient.rear.high', set: { value: 12, source: ' ' } }, 'say where the value comes from']
	])('%s changes nothing and says why', async (_, change, sentence) => {
		const { db } = await demoDatabase();
		const done = await changeAssumptions(db, [change]);
		expect(done).toMatchObject({ ok: false, error: expect.stringContaining(sentence) });
		expect(await readAssumptions(db)).toEqual({});
	});
});

describe('Match as it is shown', () => {
	it('answers “why not this one?” for any number, and says when there is none', async () => {
		const { db } = await demoDatabase();
		const ask = (why: string) => showMatch(db, 'fenholm-sound-2015', matchWish('stop-L', { why }));
		const judged = (await ask('fl-2-1'))!;
		expect(judged.asked).toEqual({ product: '', note: 'No product or pack has the number “fl-2-1”.' });
		const stranger = (await ask('GL-H7-C'))!;
		expect(stranger.candidates.find((c) => c.product === 'GL-H7-C')).toMatchObject({ verdict: 'refused' });
		expect((await ask('GL-P21-RD-2'))?.asked?.product).toBe('GL-P21-RD');
	});

	it('the whole vehicle answers a wish, with its whites', async () => {
		const { db } = await demoDatabase();
		const wish = { inStock: true, withoutParts: true, kelvin: 4300, maker: null };
		const whole = (await showWhole(db, 'fenholm-sound-2015', { preferences: wish, stockOnly: false }))!;
		expect(whole.coverage.map((c) => c.label)).toHaveLength(4);
		expect(whole.coverage.every((c) => c.served <= whole.free.served)).toBe(true);
		expect(whole.matrix.pairs.length).toBeGreaterThan(10);
		expect(await showWhole(db, 'nobody', { preferences: wish, stockOnly: false })).toBeNull();
	});
});
