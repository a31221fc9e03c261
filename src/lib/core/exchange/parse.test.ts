import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readDocument, readDocumentText } from './parse';
import { tablesOf } from './tables';

const SOCKET = { id: 's', zone: 'front', side: 'left', functions: ['low-beam'], category: 'H7' };
const vehicle = (more: object = {}) => ({
	format: 'rotalux/1',
	configurations: [
		{ id: 'v', make: 'M', model: 'N', kind: 'car', market: 'UN', sockets: [SOCKET], channels: [], ...more }
	]
});
const product = (more: object = {}) => ({
	format: 'rotalux/1',
	products: [{ id: 'p', maker: 'M', name: 'N', kind: 'led', fits: ['H7'], packs: [], ...more }]
});

const problems = (input: unknown) => {
	const read = readDocument(input);
	return read.ok ? [] : read.error.map((p) => `${p.path}: ${p.message}`);
};

describe('bad input gets one sentence saying where and what', () => {
	it.each<[string, unknown, string]>([
		['a list', [], ': is not a rotalux/1 document: an object with "format": "rotalux/1" is expected'],
		['nothing', null, ': is not a rotalux/1 document: an object with "format": "rotalux/1" is expected'],
		['no format', {}, 'format: the file has no "format"; only "rotalux/1" is read'],
		['another format', { format: 'other/3' }, 'format: the file has the format "other/3"; only "rotalux/1" is read'],
		['a field missing', vehicle({ make: undefined }), 'configurations[0].make: is missing; text expected'],
		[
			'a word not on the list',
			vehicle({ kind: 'boat' }),
			'configurations[0].kind: must be one of car, suv, pickup, van, motorcycle, bus, lorry, trailer, is "boat"'
		],
		[
			'an unknown category',
			vehicle({ sockets: [{ ...SOCKET, category: 'H77' }] }),
			'configurations[0].sockets[0].category: "H77" is not a known lamp category'
		],
		[
			'a function nobody knows',
			vehicle({ sockets: [{ ...SOCKET, functions: ['disco'] }] }),
			'configurations[0].sockets[0].functions[0]: must be one of'
		],
		[
			'the same id twice',
			vehicle({ sockets: [SOCKET, SOCKET] }),
			'configurations[0].sockets[1].id: "s" is already used by configurations[0].sockets[0]'
		],
		[
			'the same stock number twice',
			product({
				packs: [
					{ sku: 'a', count: 1, price: 1 },
					{ sku: 'a', count: 2, price: 2 }
				]
			}),
			'products[0].packs[1].sku: "a" is already used by products[0].packs[0].sku'
		],
		['years backwards', vehicle({ years: [2020, 2010] }), 'configurations[0].years: runs backwards: 2020 to 2010'],
		[
			'a channel into nothing',
			vehicle({
				channels: [
					{ id: 'c', feeds: [{ socket: 'x', function: 'tail' }], feed: { kind: 'steady' }, monitor: { kind: 'none' } }
				]
			}),
			'configurations[0].channels[0].feeds[0].socket: "x" is not a socket of v'
		],
		[
			'a feed of no kind',
			vehicle({ channels: [{ id: 'c', feeds: [], feed: { kind: 'wireless' }, monitor: { kind: 'none' } }] }),
			'configurations[0].channels[0].feed'
		],
		[
			'a negative length',
			product({ size: { frontLength: -5 } }),
			'products[0].size.frontLength: must be at least 0 mm, is -5'
		],
		[
			'an absurd power',
			product({ power: { at13v5: 9000 } }),
			'products[0].power.at13v5: must be at most 500 W, more is not credible, is 9000'
		],
		[
			'half a pack',
			product({ packs: [{ sku: 'a', count: 1.5, price: 1 }] }),
			'products[0].packs[0].count: must be a whole number, is 1.5'
		],
		['a text for a number', product({ limit: 'hot' }), 'products[0].limit: must be a number, is "hot"'],
		['an id with a line break', product({ id: 'a\nb' }), 'products[0].id: must be one line'],
		['an id that climbs', product({ id: '../etc' }), 'products[0].id: must be one line'],
		[
			'a category no lamp has',
			product({ fits: ['P21W', 'Q9'] }),
			'products[0].fits[1]: "Q9" is not a known lamp category'
		]
	])('%s', (_, input, expected) => {
		expect(problems(input).join('\n')).toContain(expected);
	});

	it('text that is not JSON is a problem, not a crash', () => {
		const read = readDocumentText('{"format": "rotalux/1",');
		expect(read.ok ? '' : read.error[0]?.message).toContain('is not JSON');
	});

	it('whatever JSON comes, it is read or explained', () => {
		fc.assert(
			fc.property(fc.jsonValue(), (value) => {
				const read = readDocument(value);
				if (!read.ok) expect(read.error.length).toBeGreaterThan(0);
			})
		);
		fc.assert(
			fc.property(
				fc.record({ format: fc.constant('rotalux/1'), configurations: fc.jsonValue(), products: fc.jsonValue() }),
				(value) => {
					const read = readDocument(value);
					if (!read.ok) for (const p of read.error) expect(p.message.length).toBeGreaterThan(5);
				}
			)
		);
	});
});

describe('reading', () => {
	it('keeps fields it does not know, at every depth', () => {
		const input = {
			...vehicle({ nickname: 'x', sockets: [{ ...SOCKET, colourOfHolder: 'grey' }] }),
			shopNotes: { a: [1] }
		};
		const read = readDocument(input);
		expect(read.ok && read.value).toMatchObject(input);
	});

	it('is the same after another reading', () => {
		const first = readDocument(vehicle());
		expect(first.ok && readDocument(first.value)).toEqual(first);
	});

	it('takes a byte order mark in its stride', () => {
		expect(readDocumentText(`\uFEFF${JSON.stringify(vehicle())}`).ok).toBe(true);
	});
});

describe('tablesOf', () => {
	it('has a row a socket and a row a pack, under the names of the format', () => {
		const read = readDocument({
			...vehicle(),
			...product({
				packs: [
					{ sku: 'a', count: 1, price: 900 },
					{ sku: 'b', count: 2, price: 1600, stock: 3, cost: 900, shelf: 'A1' }
				]
			})
		});
		const tables = tablesOf(read.ok ? read.value : { configurations: [], units: [], products: [], accessories: [] });
		const [sockets, products] = ['sockets', 'products'].map((name) => tables.find((table) => table.name === name));
		expect(sockets?.rows).toHaveLength(1);
		expect(products?.rows.map((row) => row.slice(-6))).toEqual([
			['a', 1, 900, '', '', ''],
			['b', 2, 1600, 3, 900, 'A1']
		]);
		for (const table of tables) for (const row of table.rows) expect(row).toHaveLength(table.headings.length);
	});
});
