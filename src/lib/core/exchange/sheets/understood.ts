import { cellValue } from './assembly';
import { toCell } from './cells';
import { COLUMNS } from './columns';
import type { MappedTable, RowProblem } from './incoming';
import type { SheetsView } from './preview';

/** Rows that a person looks over before a file is taken in. */
const SHOWN = 20;

/** The first rows of a table as they were understood. */
export function understoodRows(
	{ tab, sheet, headings, map, rows }: MappedTable,
	problems: readonly RowProblem[]
): SheetsView['tabs'][number]['understood'] {
	const columns = headings.flatMap((heading, i) => {
		const column = COLUMNS[sheet].find((one) => one.heading === map[heading]);
		return column ? [{ column, i }] : [];
	});
	return {
		columns: columns.map(({ column }) => column.heading),
		rows: rows.slice(0, SHOWN).map(({ number, cells }) => ({
			number,
			cells: columns.map(({ column, i }) => {
				const cell = cells[i] ?? '';
				if (String(cell).trim() === '') return '';
				const read = cellValue(column, cell);
				return read.ok ? String(toCell(column.kind, read.value)) : `${String(cell)}?`;
			}),
			problems: problems
				.filter((problem) => problem.tab === tab && problem.row === number)
				.map(({ column, message }) => [column, message].filter(Boolean).join(': '))
		}))
	};
}
