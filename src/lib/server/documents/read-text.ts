import Papa from 'papaparse';
import type { Cell, IncomingTable, RowProblem } from '../../core/exchange';
import { headingNames } from './heading-names';

/** Text of bytes in whatever encoding they are, and a note when that had to be guessed. */
export function decode(bytes: Uint8Array): { text: string; note: string | null } {
	if (bytes[0] === 0xff && bytes[1] === 0xfe) return { text: new TextDecoder('utf-16le').decode(bytes), note: null };
	if (bytes[0] === 0xfe && bytes[1] === 0xff) return { text: new TextDecoder('utf-16be').decode(bytes), note: null };
	try {
		return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), note: null };
	} catch {
		const note = 'The file is not written in UTF-8; it was read as Windows-1252. Look at letters with accents.';
		return { text: new TextDecoder('windows-1252').decode(bytes), note };
	}
}

/** A text cell that left behind an apostrophe, so that no spreadsheet would run it, without the apostrophe. */
const plain = (cell: string): Cell => (/^'[=+\-@]/.test(cell) ? cell.slice(1) : cell);

/** Reads separated text (commas, semicolons or tabs) as one table. The first line has the headings. */
export function readText(bytes: Uint8Array, tab: string): { tables: IncomingTable[]; notes: string[] } {
	const { text, note } = decode(bytes);
	const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
	const [first = [], ...lines] = parsed.data;
	const headings = headingNames(first);
	const problems: RowProblem[] = parsed.errors
		.filter((error) => error.type === 'Quotes')
		.map((error) => ({
			tab,
			row: (error.row ?? 0) + 1,
			column: null,
			message: 'has a quotation mark that is not closed, so the rest cannot be told apart'
		}));
	const rows = lines.map((cells, i) => ({ number: i + 2, cells: cells.map(plain) }));
	for (const { number, cells } of rows)
		if (cells.length > headings.length && cells.slice(headings.length).some((cell) => String(cell).trim() !== ''))
			problems.push({
				tab,
				row: number,
				column: null,
				message: `has ${cells.length} cells under ${headings.length} headings`
			});
	return { tables: [{ tab, headings, rows, problems }], notes: note ? [note] : [] };
}
