import { describe, expect, it } from 'vitest';
import { assembleSheets, mapHeadings, understoodRows, type Cell, type MappedTable } from './index';

const NOTHING = { configurations: new Map(), units: new Map(), products: new Map(), accessories: new Map() };

function priceList(headings: string[], rows: Cell[][]): MappedTable {
	return {
		tab: 'list',
		sheet: 'products',
		headings,
		rows: rows.map((cells, i) => ({ number: i + 2, cells })),
		problems: [],
		map: mapHeadings('products', headings, {
			cellsUnder: (heading) => rows.map((cells) => cells[headings.indexOf(heading)] ?? '')
		})
	};
}
const taken = (table: MappedTable, more: object = {}) =>
	assembleSheets([table], NOTHING, {
		options: { configuration: null, witness: null, currency: 'EUR', ...more }
	});

describe('a price list as a supplier writes it', () => {
	const HEADINGS = [
		'Article no',
		'Brand',
		'Description',
		'Bulb type',
		'Technology',
		'Colour',
		'Power W',
		'Pack size',
		'Price EUR',
		'On hand'
	];
	const ROW: Cell[] = ['TD-1', 'Tindelys', 'Quay P21W', 'P21W; 1156', 'LED', 'Orange', '1,9', 2, '12,50', 4];

	it('needs no id, no minor units and no words of ours', () => {
		const { products, problems } = taken(priceList(HEADINGS, [ROW]));
		expect(problems).toEqual([]);
		expect(products).toMatchObject([
			{
				id: 'TD-1',
				maker: 'Tindelys',
				kind: 'led',
				fits: ['P21W', '1156'],
				colour: { kind: 'amber' },
				power: { at13v5: 1.9 },
				packs: [{ sku: 'TD-1', count: 2, price: 1250, stock: 4 }]
			}
		]);
	});

	it.each([
		['whole numbers under a bare heading are minor units, as our own lists have them', 'price', 990, 990],
		['decimals are as written', 'price', '9.90', 990],
		['a currency in the heading means as written', 'Price (EUR)', 25, 2500],
		['retail means as written', 'RRP', 9.9, 990]
	])('%s', (_, heading, cell, price) => {
		const headings = HEADINGS.map((one) => (one === 'Price EUR' ? heading : one));
		const row = ROW.map((one, i) => (i === 8 ? cell : one));
		expect(taken(priceList(headings, [row])).products[0]?.packs[0]?.price).toBe(price);
	});

	it('amounts in another currency are left alone: nothing is converted', () => {
		const headings = HEADINGS.map((one) => (one === 'Price EUR' ? 'Price USD' : one));
		expect(priceList(headings, [ROW]).map['Price USD']).toBeNull();
		expect(mapHeadings('products', ['List price (SEK)'], { currency: 'SEK' })).toEqual({
			'List price (SEK)': 'price as written'
		});
	});

	it.each([
		['Length MAX', null],
		['Colour DIM', null],
		['Front length cm', null],
		['Front length (mm)', 'frontLength'],
		['Power [W]', 'at13v5']
	])('a word behind a heading is a unit or it is not: %s', (heading, column) => {
		expect(mapHeadings('products', [heading])[heading]).toBe(column);
	});

	it('“yellow” is said of amber and of selective yellow, so it is a problem and no guess', () => {
		const row = ROW.map((cell, i) => (i === 5 ? 'Yellow' : cell));
		expect(taken(priceList(HEADINGS, [row])).problems.map(({ column }) => column)).toEqual(['colour.kind']);
	});

	it('a row that describes nothing and names nothing known stays a problem', () => {
		const { problems } = taken(priceList(['SKU', 'Price'], [['X-1', '4.50']]));
		expect(problems[0]?.message).toContain('names nothing on record');
	});

	it('lamps that do not say what they are count as such only where somebody said so', () => {
		const headings = HEADINGS.filter((one) => one !== 'Technology');
		const list = priceList(headings, [ROW.filter((_, i) => i !== 4)]);
		expect(taken(list).problems.length).toBeGreaterThan(0);
		expect(taken(list, { kind: 'led' }).products[0]?.kind).toBe('led');
	});

	it('LEDs for one filament have one mode where somebody said so; those for two stay not known', () => {
		const twin = ROW.map((cell, i) => (i === 0 ? 'TD-2' : i === 3 ? 'P21/5W' : cell));
		const list = priceList(HEADINGS, [ROW, twin]);
		expect(taken(list).products.map(({ modes }) => modes)).toEqual([undefined, undefined]);
		expect(taken(list, { isSingle: true }).products.map(({ modes }) => modes)).toEqual([['single'], undefined]);
	});

	it('shows the first rows as they were understood, with what is wrong', () => {
		const rows = Array.from({ length: 25 }, (_, i): Cell[] =>
			ROW.map((cell, at) => (at === 0 ? `TD-${i}` : at === 6 && i === 1 ? 'much' : cell))
		);
		const table = priceList(HEADINGS, rows);
		const { rows: shown, columns } = understoodRows(table, taken(table).problems);
		expect(shown).toHaveLength(20);
		expect(columns).toContain('fits');
		expect(shown[0]?.cells).toContain('P21W | 1156');
		expect(shown[0]?.problems).toEqual([]);
		expect(shown[1]?.problems.join()).toContain('must be a number, is “much”');
	});
});
