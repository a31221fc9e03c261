import type { Knex } from 'knex';
import { describe, expect, it, onTestFinished } from 'vitest';
import { demoDatabase } from '../../../../../tests/support/database';
import type { IncomingTable } from '../../../core/exchange';
import { changeAlways } from '../../db/change';
import { csv } from '../../documents/csv';
import { readTables } from '../../documents/read-tables';
import { findConfiguration } from '../../repositories/configurations';
import { listSuppliers } from '../../repositories/heading-maps';
import { countQuestions } from '../../repositories/questions';
import { sheetOptions } from '../../sheet-options';
import { addImport, finishImport, takeImport } from '../../repositories/imports';
import { jobsOf } from '../../jobs';
import { Imports } from '../../workers/imports';
import { exportVehicle } from '../exchange';
import { historyOf, stepHistory } from '../record/history';
import { CONFIGURATIONS } from '../record/store';
import { vehicleTables } from './export';
import { previewSheets, SheetProblem, writeSheets, type SheetOptions } from './import';

const CAR = 'fenholm-skerry-i-2012';
const ACTOR = { by: 'A. Person', now: '2026-11-25T08:00:00.000Z' };
const PLAIN: SheetOptions = {
	supplier: '',
	source: null,
	configuration: null,
	maps: {},
	leaveOut: false,
	kind: null,
	isSingle: false
};
const still = () => undefined;

async function tables(text: string, name = 'sheet.csv'): Promise<IncomingTable[]> {
	const read = await readTables(new TextEncoder().encode(text), name);
	if (!read.ok) throw new Error(read.error);
	return read.value.tables;
}
const lensOf = async (db: Knex, socket: string) =>
	(await findConfiguration(db, CAR))?.sockets.find((s) => s.id === socket)?.lens;

describe('taking a spreadsheet in', () => {
	it('every CSV of a vehicle changes nothing when it comes back', async () => {
		const { db } = await demoDatabase();
		const before = await exportVehicle(db, CAR);
		for (const table of (await vehicleTables(db, CAR)) ?? []) {
			const back = await tables(csv(table), `${table.name}.csv`);
			const preview = await previewSheets(db, back, { options: PLAIN, actor: ACTOR, progress: still });
			expect([table.name, preview.problems, preview.changedVehicles]).toEqual([table.name, [], []]);
			await writeSheets(db, back, { options: PLAIN, actor: ACTOR, progress: still });
		}
		expect(await exportVehicle(db, CAR)).toEqual(before);
		expect((await historyOf(db, CONFIGURATIONS, CAR)).events).toHaveLength(1);
	});

	it('a preview writes nothing; taking in is one event a vehicle, which undo takes back', async () => {
		const { db } = await demoDatabase();
		const rows = await tables(`configuration,id,lens\n${CAR},dome,smoked\n${CAR},luggage,smoked\n`);
		const preview = await previewSheets(db, rows, { options: PLAIN, actor: ACTOR, progress: still });
		expect(preview).toMatchObject({
			rows: 2,
			changedVehicles: [CAR],
			sockets: { added: 0, changed: 2 },
			problemCount: 0
		});
		expect(await lensOf(db, 'dome')).toBe('clear');
		expect(await writeSheets(db, rows, { options: PLAIN, actor: ACTOR, progress: still })).toMatchObject({
			vehicles: [CAR],
			rows: 2,
			leftOut: 0
		});
		expect([await lensOf(db, 'dome'), await lensOf(db, 'luggage')]).toEqual(['smoked', 'smoked']);
		await stepHistory(db, CONFIGURATIONS, { id: CAR, way: 'undo', actor: ACTOR });
		expect(await lensOf(db, 'dome')).toBe('clear');
	});

	it('is all or nothing, unless the bad rows are left out', async () => {
		const { db } = await demoDatabase();
		const rows = await tables(`configuration,id,lens,frontLength\n${CAR},dome,smoked,\n${CAR},luggage,red,far\n`);
		await expect(writeSheets(db, rows, { options: PLAIN, actor: ACTOR, progress: still })).rejects.toThrow(
			SheetProblem
		);
		expect(await lensOf(db, 'dome')).toBe('clear');
		expect(
			await writeSheets(db, rows, { options: { ...PLAIN, leaveOut: true }, actor: ACTOR, progress: still })
		).toMatchObject({
			rows: 1,
			leftOut: 1
		});
		expect([await lensOf(db, 'dome'), await lensOf(db, 'luggage')]).toEqual(['smoked', 'clear']);
	});

	it('as a source it never outweighs a stronger one, and opens questions', async () => {
		const { db } = await demoDatabase();
		const before = await countQuestions(db, CAR);
		const options: SheetOptions = { ...PLAIN, configuration: CAR, source: 'listing', supplier: 'Kai Parts' };
		await writeSheets(db, await tables('id,lens\ndome,smoked\n'), { options, actor: ACTOR, progress: still });
		expect([await lensOf(db, 'dome'), await countQuestions(db, CAR)]).toEqual(['clear', before + 1]);
		const said = (await findConfiguration(db, CAR))?.sockets.find((s) => s.id === 'dome')?.evidence;
		expect(said).toContainEqual(
			expect.objectContaining({ value: 'smoked', source: 'listing', by: 'A. Person', note: 'spreadsheet of Kai Parts' })
		);
	});

	it("a supplier's headings are remembered as they were mapped", async () => {
		const { db } = await demoDatabase();
		const rows = await tables('Piece,Glass\ndome,smoked\n');
		const map = { Piece: 'id', Glass: 'lens' };
		const options: SheetOptions = {
			...PLAIN,
			configuration: CAR,
			supplier: 'Kai Parts',
			maps: { sheet: { sheet: 'sockets', map } }
		};
		await writeSheets(db, rows, { options, actor: ACTOR, progress: still });
		expect(await listSuppliers(db)).toEqual(['Kai Parts']);
		const again = await previewSheets(db, rows, { options: { ...options, maps: {} }, actor: ACTOR, progress: still });
		expect(again.tabs[0]?.map).toEqual(map);
		const other = await previewSheets(db, rows, {
			options: { ...options, maps: {}, supplier: 'Other' },
			actor: ACTOR,
			progress: still
		});
		expect(other.tabs[0]?.map).toEqual({ Piece: null, Glass: null });
	});
});

describe('the wish of a form', () => {
	it('has supplier, source, and the headings as they were mapped', () => {
		const form = new FormData();
		const apart = '\u001f';
		for (const [field, value] of [
			['supplier', ' Kai '],
			['source', 'listing'],
			['leaveOut', 'yes'],
			[`sheet${apart}Tab:1`, 'channels'],
			[`map${apart}Tab:1${apart}A:B`, 'fuse'],
			[`map${apart}Tab:1${apart}C`, '']
		] as const)
			form.set(field, value);
		expect(sheetOptions(form)).toEqual({
			supplier: 'Kai',
			source: 'listing',
			configuration: null,
			leaveOut: true,
			kind: null,
			isSingle: false,
			maps: { 'Tab:1': { sheet: 'channels', map: { 'A:B': 'fuse', C: null } } }
		});
		expect(sheetOptions(new FormData())).toEqual(PLAIN);
	});
});

describe('imports off the request thread', () => {
	const upload = (text: string, name = 'sheet.csv') => ({ name, bytes: new TextEncoder().encode(text) });
	const asked = (mode: 'preview' | 'write') => ({ mode, options: PLAIN, actor: ACTOR });

	/** Imports as a process has them. */
	async function process(folder: string, db: Knex): Promise<Imports> {
		const jobs = jobsOf(db, folder);
		const imports = new Imports(
			() => folder,
			() => Promise.resolve(db),
			() => jobs
		);
		await imports.start();
		onTestFinished(async () => {
			await (await jobs).stop();
			await imports.stop();
		});
		return imports;
	}

	const outcomeOf = async (imports: Imports, id: string) => {
		for (let i = 0; i < 300; i++) {
			const outcome = (await imports.find(id))?.outcome;
			if (outcome) return outcome;
			await new Promise((resolve) => setTimeout(resolve, 100));
		}
		throw new Error('The import did not end.');
	};

	it('look first, write when asked, and stop with nothing written', { timeout: 60_000 }, async () => {
		const { db, folder } = await demoDatabase();
		const imports = await process(folder, db);
		const id = await imports.begin(upload(`configuration,id,lens\n${CAR},dome,smoked\n`), asked('preview'));
		expect(await outcomeOf(imports, id)).toMatchObject({
			kind: 'preview',
			preview: { changedVehicles: [CAR] },
			notes: []
		});
		expect(await lensOf(db, 'dome')).toBe('clear');
		expect(await imports.goOn(id, asked('write'))).toBe(true);
		expect(await outcomeOf(imports, id)).toMatchObject({ kind: 'written', report: { vehicles: [CAR] } });
		expect(await lensOf(db, 'dome')).toBe('smoked');

		const many = Array.from({ length: 60_000 }, (_, i) => `${CAR},s${i},rear,left,1,stop,P21W`).join('\n');
		const long = await imports.begin(
			upload(`configuration,id,zone,side,index,functions,category\n${many}`),
			asked('preview')
		);
		await imports.cancel(long);
		expect(await outcomeOf(imports, long)).toEqual({ kind: 'cancelled' });

		const broken = await imports.begin(upload('', 'empty.csv'), asked('preview'));
		expect(await outcomeOf(imports, broken)).toMatchObject({
			kind: 'trouble',
			message: expect.stringContaining('no rows')
		});
		expect([await imports.find('nobody'), await imports.goOn('nobody', asked('write'))]).toEqual([null, false]);
	});

	it('that were under way when everything stopped are taken up, and whoever had one before may not write', async () => {
		const { db, folder } = await demoDatabase();
		const row = { name: 'sheet.csv', mode: 'write', options: JSON.stringify(PLAIN), actor: JSON.stringify(ACTOR) };
		const file = upload(`configuration,id,lens\n${CAR},dome,smoked\n`).bytes;
		await changeAlways(db, async (tx) => {
			await addImport(tx, { ...row, id: 'cut-off', beganAt: ACTOR.now, file });
			await takeImport(tx, 'cut-off', 'one that is gone');
		});
		const imports = await process(folder, db);
		expect(await outcomeOf(imports, 'cut-off')).toMatchObject({ kind: 'written', report: { vehicles: [CAR] } });
		expect(await lensOf(db, 'dome')).toBe('smoked');
		const late = await changeAlways(db, (tx) => finishImport(tx, { id: 'cut-off', mark: 'one that is gone' }, {}));
		expect(late).toBe(false);
	});
});
