import ExcelJS from 'exceljs';
import type { Table } from '../../../core/exchange';

/** A workbook with a sheet per table. Cells are values, never formulas, so nothing in them runs. */
export async function workbook(tables: readonly Table[]): Promise<Buffer> {
	const book = new ExcelJS.Workbook();
	for (const { name, headings, rows } of tables) {
		const sheet = book.addWorksheet(name, { views: [{ state: 'frozen', ySplit: 1 }] });
		sheet.addRow(headings).font = { bold: true };
		for (const row of rows) sheet.addRow(row);
	}
	return Buffer.from(await book.xlsx.writeBuffer());
}
