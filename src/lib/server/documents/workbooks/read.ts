import { bytesText, dayIn } from '../../../core/quantity';
import ExcelJS from 'exceljs';
import { err, ok, type Result } from '../../../core/result';
import { BUDGETS, tooManyCells, type Cell, type IncomingTable, type RowProblem } from '../../../core/exchange';
import { headingNames } from '../heading-names';
import { unpackedBytes } from './unpacked';

/** The value of a cell as plain text or number, or why it has none that can be trusted. */
function valueOf(cell: ExcelJS.Cell): { value: Cell } | { problem: string } {
	if (cell.isMerged && cell.master !== cell)
		return { problem: `is merged with ${cell.master.address}; unmerge the cells and fill each one` };
	switch (cell.type) {
		case ExcelJS.ValueType.Formula:
			return { problem: `holds a formula (=${cell.formula}); put its value in its place` };
		case ExcelJS.ValueType.Error:
			return { problem: `holds the error ${cell.text}` };
		case ExcelJS.ValueType.Date:
			return { value: dayIn((cell.value as Date).toISOString(), 'UTC') };
		case ExcelJS.ValueType.Number:
			return { value: cell.value as number };
		default:
			return { value: cell.text };
	}
}

function readSheet(sheet: ExcelJS.Worksheet): IncomingTable {
	const problems: RowProblem[] = [];
	const width = sheet.getRow(1).cellCount;
	const top = Array.from({ length: width }, (_, i) => sheet.getRow(1).getCell(i + 1));
	if (top.some((cell) => cell.isMerged))
		problems.push({
			tab: sheet.name,
			row: 1,
			column: null,
			message: 'has merged headings; give each column its own heading'
		});
	const headings = headingNames(top.map((cell) => (cell.isMerged && cell.master !== cell ? '' : cell.text)));
	const rows: IncomingTable['rows'] = [];
	sheet.eachRow((row, number) => {
		if (number === 1) return;
		const cells = headings.map((heading, i): Cell => {
			const read = valueOf(row.getCell(i + 1));
			if ('value' in read) return read.value;
			problems.push({ tab: sheet.name, row: number, column: heading, message: read.problem });
			return '';
		});
		if (cells.some((cell) => String(cell).trim() !== '')) rows.push({ number, cells });
	});
	return { tab: sheet.name, headings, rows, problems };
}

/** Reads a workbook as one table a sheet. Merged cells, formulas and error values are problems of their rows, never guessed at. */
export async function readWorkbook(
	bytes: Uint8Array,
	name: string
): Promise<Result<{ tables: IncomingTable[]; notes: string[] }, string>> {
	const size = unpackedBytes(bytes);
	if (size !== null && size > BUDGETS.unpacked)
		return err(
			`${name} comes to ${bytesText(size)} when it is unpacked; at most ${bytesText(BUDGETS.unpacked)} are read at once.`
		);
	const book = new ExcelJS.Workbook();
	try {
		await book.xlsx.load(Buffer.from(bytes) as never);
	} catch {
		return err(`${name} looks like a workbook but cannot be opened; it may be damaged or protected by a password.`);
	}
	const large = book.worksheets.flatMap((sheet) => {
		const words = tooManyCells({ rows: sheet.actualRowCount, columns: sheet.getRow(1).cellCount });
		return words ? [`${name}, ${sheet.name}, ${words}.`] : [];
	})[0];
	if (large) return err(large);
	const tables = book.worksheets.map(readSheet).filter((table) => table.rows.length > 0);
	if (tables.length === 0) return err(`${name} has no rows below its headings.`);
	return ok({ tables, notes: [] });
}
