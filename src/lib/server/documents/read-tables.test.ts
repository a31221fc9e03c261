import ExcelJS from 'exceljs';
import { describe, expect, it } from 'vitest';
import { columnLetter } from './heading-names';
import { readTables } from './read-tables';

const text = (content: string) => new TextEncoder().encode(content);
async function read(bytes: Uint8Array, name = 'file.csv') {
	const done = await readTables(bytes, name);
	if (!done.ok) throw new Error(done.error);
	return done.value;
}
async function book(fill: (sheet: ExcelJS.Worksheet) => void): Promise<Uint8Array> {
	const made = new ExcelJS.Workbook();
	fill(made.addWorksheet('sockets'));
	return new Uint8Array((await made.xlsx.writeBuffer()) as ArrayBuffer);
}

describe('separated text', () => {
	it.each([
		['commas', 'a,b\n1,"x, y"\n'],
		['semicolons', 'a;b\r\n1;x, y\r\n'],
		['tabs', 'a\tb\n1\tx, y'],
		['a byte order mark', '\uFEFFa,b\n1,"x, y"']
	])('with %s', async (_what, content) => {
		const { tables } = await read(text(content));
		expect(tables).toEqual([
			{ tab: 'file', headings: ['a', 'b'], rows: [{ number: 2, cells: ['1', 'x, y'] }], problems: [] }
		]);
	});

	it('in UTF-16 and in Windows-1252 is read, the guess is said', async () => {
		const utf16 = new Uint8Array([0xff, 0xfe, ...Buffer.from('a,b\nü,1', 'utf16le')]);
		expect((await read(utf16)).tables[0]?.rows[0]?.cells).toEqual(['ü', '1']);
		const latin = await read(new Uint8Array(Buffer.from('a,b\n\u00fc,1', 'latin1')));
		expect([latin.tables[0]?.rows[0]?.cells, latin.notes]).toEqual([
			['ü', '1'],
			[expect.stringContaining('Windows-1252')]
		]);
	});

	it('cells that left as text come back without their apostrophe', async () => {
		expect((await read(text("a,b\n'=1+1,'plain"))).tables[0]?.rows[0]?.cells).toEqual(['=1+1', "'plain"]);
	});

	it('too many cells, an open quotation mark, empty and doubled headings', async () => {
		const { tables } = await read(text('a,,a\n1,2,3,4\n'));
		expect(tables[0]?.headings).toEqual(['a', 'column B', 'a (2)']);
		expect(tables[0]?.problems[0]?.message).toBe('has 4 cells under 3 headings');
		expect((await read(text('a,b\n"x,1\n2,3'))).tables[0]?.problems[0]?.message).toContain('quotation mark');
		expect([columnLetter(0), columnLetter(25), columnLetter(26)]).toEqual(['A', 'Z', 'AA']);
	});
});

describe('workbooks', () => {
	it('give numbers, text, dates and long text as plain values', async () => {
		const bytes = await book((sheet) => {
			sheet.addRow(['a', 'b', 'c']);
			sheet.addRow([46, new Date('2026-03-02T00:00:00Z'), { richText: [{ text: 'P21' }, { text: '/5W' }] }]);
		});
		expect((await read(bytes, 'x.xlsx')).tables[0]?.rows).toEqual([{ number: 2, cells: [46, '2026-03-02', 'P21/5W'] }]);
	});

	it('formulas, merged cells and errors are problems of their row', async () => {
		const bytes = await book((sheet) => {
			sheet.addRow(['a', 'b', 'c']);
			sheet.addRow([{ formula: '1+1', result: 2 }, 'x', { error: '#REF!' }]);
			sheet.addRow(['y', 'x', 'z']);
			sheet.mergeCells('B2:B3');
		});
		const { tables } = await read(bytes, 'x.xlsx');
		expect(tables[0]?.problems.map(({ row, column, message }) => [row, column, message])).toEqual([
			[2, 'a', 'holds a formula (=1+1); put its value in its place'],
			[2, 'c', 'holds the error #REF!'],
			[3, 'b', 'is merged with B2; unmerge the cells and fill each one']
		]);
	});
});

it.each([
	['old.xls', new Uint8Array([0xd0, 0xcf, 0x11, 0xe0]), 'old kind (.xls)'],
	['a.pdf', text('%PDF-1.7'), 'is a PDF'],
	['broken.xlsx', text('PK\u0003\u0004nonsense'), 'cannot be opened'],
	['empty.csv', text('a,b\n'), 'no rows below its headings']
])('%s is refused in one sentence', async (name, bytes, message) => {
	const done = await readTables(bytes, name);
	expect(!done.ok && done.error).toContain(message);
});
