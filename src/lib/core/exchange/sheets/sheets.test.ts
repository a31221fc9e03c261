import { describe, expect, it } from 'vitest';
import { makeConfiguration, LOW_SOCKET, STOP_SOCKET } from '../../../../../tests/support/make';
import { demoDocument } from '../../../../../tests/support/demo';
import type { Configuration, Unit } from '../../model';
import {
	assembleSheets,
	mapHeadings,
	sheetFor,
	vehicleSheets,
	type Cell,
	type Existing,
	type ImportOptions,
	type MappedTable
} from '.';

const PLAIN: ImportOptions = { configuration: null, witness: null };
const nothing: Existing = {
	configurations: new Map(),
	units: new Map(),
	products: new Map(),
	accessories: new Map()
};
const having = (...list: Configuration[]): Existing => ({
	...nothing,
	configurations: new Map(list.map((c) => [c.id as string, c]))
});

function table(tab: string, headings: string[], rows: Cell[][]): MappedTable {
	const sheet = sheetFor(tab, headings);
	const numbered = rows.map((cells, i) => ({ number: i + 2, cells }));
	return { tab, headings, rows: numbered, problems: [], sheet, map: mapHeadings(sheet, headings) };
}

const taken = (configurations: Configuration[], units: Unit[]) =>
	vehicleSheets(configurations, units).map((t) => table(t.name, t.headings, t.rows));

describe('sheets out and in again', () => {
	it('give the same records, demo and all', () => {
		const { configurations, units } = demoDocument();
		const again = assembleSheets(taken(configurations, units), nothing, { options: PLAIN });
		expect(again.problems).toEqual([]);
		expect(again.units).toEqual(units);
		const owned = (list: Configuration[]) => JSON.parse(JSON.stringify(list));
		const tables = vehicleSheets(again.configurations, again.units);
		expect(tables).toEqual(vehicleSheets(configurations, units));
		// A socket of a shared unit comes back without what the unit keeps; everything else is the same to the letter.
		const own = (c: Configuration) => c.sockets.every((s) => !s.unit);
		expect(owned(again.configurations.filter(own))).toEqual(owned(configurations.filter(own)));
	});

	it('keep the evidence of a count, of a channel, and what was overruled', () => {
		const said = { source: 'in-hand', on: '2026-01-01' };
		const before = makeConfiguration([STOP_SOCKET], {
			flasher: { kind: 'plug-in', pins: 3, evidence: [{ fact: 'pins', value: 3, ...said }] },
			channels: [
				{
					id: 'stop',
					feeds: [{ socket: 'stop-L', function: 'stop' }],
					fuse: 10,
					evidence: [{ fact: 'fuse', value: 15, ...said, overruled: { on: '2026-02-02', note: 'misread' } }]
				}
			]
		});
		expect(assembleSheets(taken([before], []), nothing, { options: PLAIN }).configurations).toEqual([before]);
	});

	it('keep fields nobody knows, and a category that is a number', () => {
		const before = makeConfiguration([{ ...STOP_SOCKET, category: '74', shelf: { no: 4 } }], { colour: 'green' });
		const again = assembleSheets(taken([before], []), nothing, { options: PLAIN });
		expect(again.configurations).toEqual([before]);
	});
});

describe('headings', () => {
	it('are known under the names others use, each column once', () => {
		expect(mapHeadings('sockets', ['Vehicle', 'Bulb type', 'Lamp', 'Position', 'Price'])).toEqual({
			Vehicle: 'configuration',
			'Bulb type': 'category',
			Lamp: null,
			Position: 'zone',
			Price: null
		});
	});

	it('as remembered come first', () => {
		expect(mapHeadings('sockets', ['Lamp', 'Type'], { remembered: { Lamp: 'functions', Type: 'category' } })).toEqual({
			Lamp: 'functions',
			Type: 'category'
		});
	});

	it.each([
		['Sheet1', ['id', 'zone', 'side', 'category'], 'sockets'],
		['evidence', ['a'], 'evidence'],
		['x', ['configuration', 'fact', 'value', 'source'], 'evidence'],
		['x', ['id', 'feeds', 'fuse', 'monitor'], 'channels'],
		['x', ['make', 'model', 'from', 'to'], 'vehicles']
	])('a tab %s with %o is %s', (tab, headings, sheet) => {
		expect(sheetFor(tab, headings)).toBe(sheet);
	});
});

describe('rows on top of what is there', () => {
	const there = makeConfiguration([
		{ ...LOW_SOCKET, evidence: [{ fact: 'category', value: 'H11', source: 'in-hand' }] }
	]);

	it('as the record itself they change only the columns they have', () => {
		const { configurations, problems } = assembleSheets(
			[table('sockets', ['configuration', 'id', 'lens'], [['v', 'low-L', 'smoked']])],
			having(there),
			{ options: PLAIN }
		);
		expect(problems).toEqual([]);
		expect(configurations[0]?.sockets[0]).toMatchObject({ lens: 'smoked', category: 'H11', optic: 'projector' });
	});

	it('as the word of a source they are claims: a weaker one opens a question and changes nothing', () => {
		const { configurations } = assembleSheets(
			[table('sockets', ['id', 'category', 'capDepth'], [['low-L', 'H9', '14,5']])],
			having(there),
			{ options: { configuration: 'v', witness: { source: 'listing', on: '2026-11-01' } } }
		);
		const [socket] = configurations[0]!.sockets;
		expect(socket).toMatchObject({ category: 'H11', cap: { kind: 'none', depth: 14.5 } });
		expect(socket?.evidence).toContainEqual({ fact: 'category', value: 'H9', source: 'listing', on: '2026-11-01' });
	});

	it('a socket without an id gets one from where it sits', () => {
		const { configurations } = assembleSheets(
			[table('s', ['position', 'side', 'function', 'bulb'], [['rear', 'left', 'turn', 'PY21W']])],
			having(there),
			{ options: { configuration: 'v', witness: null } }
		);
		expect(configurations[0]?.sockets.map((s) => s.id)).toEqual(['low-L', 'turn-rear-L']);
	});

	it.each([
		[
			'a number that is none',
			['configuration', 'id', 'frontLength'],
			['v', 'low-L', 'long'],
			'frontLength',
			'must be a number'
		],
		['an unknown vehicle', ['configuration', 'id', 'lens'], ['nobody', 'low-L', 'red'], null, 'no vehicle “nobody”'],
		['no vehicle at all', ['id', 'lens'], ['low-L', 'red'], null, 'names no vehicle'],
		[
			'an unknown category',
			['configuration', 'id', 'category'],
			['v', 'low-L', 'H99'],
			'category',
			'"H99" is not a known'
		],
		['an impossible lamp', ['configuration', 'id', 'category'], ['v', 'low-L', 'C5W'], 'category', 'festoon lamp'],
		['absurd', ['configuration', 'id', 'frontLength'], ['v', 'low-L', 9000], 'envelope.frontLength', 'not credible'],
		[
			'a word the format has not',
			['configuration', 'id', 'optic'],
			['v', 'low-L', 'mirror'],
			'optic',
			'must be one of'
		],
		['no socket', ['configuration', 'lens'], ['v', 'red'], 'id', 'names no socket']
	])('%s is said with row and column', (_what, headings, cells, column, message) => {
		const { problems } = assembleSheets([table('sockets', headings, [cells as Cell[]])], having(there), {
			options: PLAIN
		});
		expect(problems).toEqual([{ tab: 'sockets', row: 2, column, message: expect.stringContaining(message) }]);
	});

	it('a second row of the same socket is named, and counts no more', () => {
		const rows = table(
			'sockets',
			['configuration', 'id', 'lens'],
			[
				['v', 'low-L', 'red'],
				['v', 'low-L', 'amber']
			]
		);
		const { configurations, problems } = assembleSheets([rows], having(there), { options: PLAIN });
		expect(problems).toEqual([
			{ tab: 'sockets', row: 3, column: 'id', message: 'Row 2 speaks of the same socket already.' }
		]);
		expect(configurations[0]?.sockets[0]?.lens).toBe('red');
	});

	it('what a shared unit keeps is changed at the unit', () => {
		const { configurations, units } = demoDocument();
		const car = configurations.find((c) => c.id === 'fenholm-skerry-i-2012')!;
		const existing = {
			...nothing,
			configurations: new Map([[car.id as string, car]]),
			units: new Map(units.map((u) => [u.id as string, u]))
		};
		const rows = table('sockets', ['configuration', 'id', 'lens'], [[car.id, 'repeater-L', 'red']]);
		expect(assembleSheets([rows], existing, { options: PLAIN }).problems[0]?.message).toContain('shared lamp unit');
	});

	it('progress is told for every row, and may stop the work', () => {
		const rows = Array.from({ length: 5 }, (_, i): Cell[] => ['v', `x${i}`, 'red']);
		const stop = (done: number) => {
			if (done === 3) throw new Error('stopped');
		};
		expect(() =>
			assembleSheets([table('sockets', ['configuration', 'id', 'lens'], rows)], having(there), {
				options: PLAIN,
				progress: stop
			})
		).toThrow('stopped');
	});
});
