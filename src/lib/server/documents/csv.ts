import Papa from 'papaparse';
import { type RotaluxDocument } from '../../core/model';
import { tablesOf, type Table } from '../../core/exchange';

/** A table as CSV text. */
export interface CsvFile extends Table {
	text: string;
}

/** CSV with a heading row. Text cells a spreadsheet would run as a formula leave as text, behind an apostrophe. */
export function csv(table: Table): string {
	return Papa.unparse({ fields: table.headings, data: table.rows }, { escapeFormulae: true });
}

/** The tables of a document as CSV. */
export function csvFiles(
	document: Pick<RotaluxDocument, 'configurations' | 'units' | 'products' | 'accessories'>
): CsvFile[] {
	return tablesOf(document).map((table) => ({ ...table, text: csv(table) }));
}
