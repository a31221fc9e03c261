import { err, ok, type Result } from '../../core/result';
import { tooManyCells, type IncomingTable } from '../../core/exchange';
import { readText } from './read-text';
import { readWorkbook } from './workbooks/read';

/** What a file holds as tables, and what is worth knowing about how it was read. */
export interface ReadTables {
	tables: IncomingTable[];
	notes: string[];
}

const startsWith = (bytes: Uint8Array, ...first: number[]) => first.every((byte, i) => bytes[i] === byte);

/** Reads a CSV, TSV or XLSX file as tables with numbered rows, or says in one sentence why it cannot be read. */
export async function readTables(bytes: Uint8Array, name: string): Promise<Result<ReadTables, string>> {
	if (startsWith(bytes, 0xd0, 0xcf, 0x11, 0xe0))
		return err(`${name} is a workbook of the old kind (.xls). Save it as .xlsx or CSV and try again.`);
	if (startsWith(bytes, 0x50, 0x4b)) return readWorkbook(bytes, name);
	if (startsWith(bytes, 0x25, 0x50, 0x44, 0x46))
		return err(`${name} is a PDF, not a spreadsheet. Save the table as .xlsx or CSV and try again.`);
	const read = readText(bytes, name.replace(/\.\w+$/, ''));
	for (const { rows, headings } of read.tables) {
		const large = tooManyCells({ rows: rows.length, columns: headings.length });
		if (large) return err(`${name} ${large}.`);
	}
	if (read.tables.every((table) => table.rows.length === 0)) return err(`${name} has no rows below its headings.`);
	return ok(read);
}
