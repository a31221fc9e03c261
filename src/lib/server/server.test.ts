import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import ExcelJS from 'exceljs';
import { describe, expect, it, onTestFinished } from 'vitest';
import { demoDatabase, freshDatabase, putRecords, kitContextOn } from '../../../tests/support/database';
import { kitOrder } from '../core/model';
import { loadDemo } from './demo/load';
import { csv } from './documents/csv';
import { kitSheet as kitSheetPaper } from './documents/pdf/kit-sheet';
import { workbook } from './documents/workbooks/write';
import { findConfiguration } from './repositories/configurations';
import { askCounter } from './services/counter';
import { kitSheet, startKit } from './services/kits';
import { highsSolver } from './solver/highs';
import { kitWorkOn } from './services/kits/work';
import { inThread, kitWorkInThreads, stopHeavy } from './workers/heavy';
import { makeConfiguration, STOP_SOCKET } from '../../../tests/support/make';

const NOW = '2026-01-02T03:04:05.000Z';

describe('the demo', () => {
	it('replaces a demo, and leaves a shop of its own alone', async () => {
		const folder = mkdtempSync(join(tmpdir(), 'rotalux-demo-'));
		expect((await loadDemo(folder, NOW)).ok).toBe(true);
		expect((await loadDemo(folder, NOW)).ok).toBe(true);
		const { db, folder: own } = await freshDatabase();
		await putRecords(db, { configurations: [makeConfiguration([STOP_SOCKET])] });
		expect(await loadDemo(own, NOW)).toEqual({ ok: false, error: expect.stringContaining("holds a shop's own data") });
	});
});

describe('the counter', () => {
	it('answers a few letters of a vehicle and a function', async () => {
		const { db } = await demoDatabase();
		const reply = await askCounter(db, 'skerr 2018 stop');
		expect(reply.vehicles.map((v) => v.id)).toEqual(['fenholm-skerry-ii-2017', 'fenholm-skerry-ii-2017-reflector']);
		const [first] = reply.vehicles[0]!.answers;
		expect(first).toMatchObject({
			place: 'Rear stop / tail, both',
			category: 'W21/5W',
			best: { verdict: 'parts', product: 'GL-W215-RDC' }
		});
	});

	it.each(['fjell low', 'packhorse number plate', 'tarrow 2015 repeater left', 'fenholm'])(
		'knows "%s"',
		async (line) => {
			const { db } = await demoDatabase();
			expect((await askCounter(db, line)).vehicles.length).toBeGreaterThan(0);
		}
	);

	it('tells vehicles of one name apart by the market that is named', async () => {
		const { db } = await demoDatabase();
		const found = async (line: string) => (await askCounter(db, line)).vehicles.map(({ id }) => id);
		expect(await found('brisken tarn')).toEqual(['brisken-tarn-2018', 'brisken-tarn-2018-us']);
		expect(await found('brisken tarn us')).toEqual(['brisken-tarn-2018-us']);
		expect(await found('european brisken tarn')).toEqual(['brisken-tarn-2018']);
	});

	it('passes over the words of a question, also where a name begins with one', async () => {
		const { db } = await demoDatabase();
		const { kit, vehicles } = await askCounter(db, 'do you have a full kit for a 2012 skerry');
		expect([kit, vehicles.map(({ id }) => id)]).toEqual(['vehicle', ['fenholm-skerry-i-2012']]);
	});

	it('says what it took a slip for', async () => {
		const { db } = await demoDatabase();
		const { understood, vehicles } = await askCounter(db, 'Which ligth for the fenholm skery 2012, brake?');
		expect(understood.slips).toEqual(['“ligth” read as light', '“skery” read as skerry']);
		expect(vehicles.map(({ id }) => id)).toEqual(['fenholm-skerry-i-2012']);
	});

	it.each(['"', 'skerry" OR "x', "'; drop table kits; --", '* NEAR ( AND', '<script>alert(1)</script>', '   ', '%'])(
		'takes %s for words and nothing else',
		async (line) => {
			const { db } = await demoDatabase();
			const before = await db('kits').count({ n: '*' });
			expect((await askCounter(db, line)).vehicles).toEqual([]);
			expect(await db('kits').count({ n: '*' })).toEqual(before);
		}
	);
});

describe('documents', () => {
	it('cells that a spreadsheet would run leave as text', async () => {
		const table = { name: 't', headings: ['a', 'b'], rows: ['=1+1', '+x', '-y', '@z'].map((text) => [text, -5]) };
		expect(csv(table).split('\r\n').slice(1)).toEqual([`"'=1+1",-5`, `"'+x",-5`, `"'-y",-5`, `"'@z",-5`]);
		const book = new ExcelJS.Workbook();
		await book.xlsx.load((await workbook([table])) as never);
		expect(book.getWorksheet('t')?.getCell('A2').value).toBe('=1+1');
		expect(book.getWorksheet('t')?.getCell('A2').type).toBe(ExcelJS.ValueType.String);
	});

	it('the kit sheet is a PDF with both papers', async () => {
		const { db } = await demoDatabase();
		const ctx = kitContextOn(db, NOW);
		await startKit(ctx, 'tarrow-packhorse-2014', { name: 'Van <b>', order: kitOrder.parse({}) });
		const sheet = (await kitSheet(db, 'tarrow-packhorse-2014', { id: 'K1' }))!;
		for (const paper of ['A4', 'LETTER'] as const) {
			const pdf = await kitSheetPaper.print(sheet, paper, 'http://shop.invalid/k/K1-R1');
			expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
			expect(pdf.length).toBeGreaterThan(10_000);
			expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(2);
		}
	});
});

describe('heavy work in a thread', () => {
	const ORDER = kitOrder.parse({});

	async function van() {
		const { db, folder } = await demoDatabase();
		const configuration = (await findConfiguration(db, 'tarrow-packhorse-2014'))!;
		onTestFinished(stopHeavy);
		return { folder, configuration, work: kitWorkInThreads(folder, null), here: kitWorkOn(db, highsSolver) };
	}

	it('comes to what it comes to here', async () => {
		const { configuration, work, here, folder } = await van();
		const asked = { configuration, order: ORDER, promised: {}, runnersUp: 0 };
		expect(await work.proposal(asked)).toEqual(await here.proposal(asked));
		const sockets = await inThread(folder, { what: 'sockets', asked: [configuration.id] });
		expect(Object.keys(sockets ?? {})).toEqual(configuration.sockets.map(({ id }) => id));
	});

	it('is stopped in the middle, says so, and does the next', async () => {
		const { configuration, work } = await van();
		const made = await work.proposal({ configuration, order: ORDER, promised: {}, runnersUp: 0 });
		if (!made.ok) throw new Error(made.error);
		const kit = { configuration, order: ORDER, promised: {}, answer: made.value.answer };
		const stop = new AbortController();
		const pricing = work.demandPrices(kit, { signal: stop.signal });
		setTimeout(() => stop.abort(), 5);
		await expect(pricing).rejects.toThrow('The work was stopped; nothing was changed.');
		await expect(work.demandPrices(kit, { signal: stop.signal })).rejects.toThrow('stopped');
		expect((await work.proposal({ configuration, order: ORDER, promised: {}, runnersUp: 0 })).ok).toBe(true);
	});

	it('says how far it is', async () => {
		const { configuration, work } = await van();
		const made = await work.proposal({ configuration, order: ORDER, promised: {}, runnersUp: 0 });
		if (!made.ok) throw new Error(made.error);
		const heard: number[] = [];
		await work.demandPrices(
			{ configuration, order: ORDER, promised: {}, answer: made.value.answer },
			{ onPriced: (done, of) => heard.push(done / of) }
		);
		expect(heard.at(-1)).toBe(1);
		expect(heard).toEqual([...heard].sort((a, b) => a - b));
	});
});
