import type { Cell } from './cells';
import type { HeadingMap } from './headings';
import type { SheetName } from './columns';

/** A table as it was read from a file: every row with its number in the file. */
export interface IncomingTable {
	tab: string;
	headings: string[];
	rows: { number: number; cells: Cell[] }[];
	/** What the reader of the file already found wrong. */
	problems: RowProblem[];
}

/** What is wrong in one cell, or in a whole row when there is no column. */
export interface RowProblem {
	tab: string;
	row: number;
	column: string | null;
	message: string;
}

/** A table with the sheet it is and what its headings stand for. */
export interface MappedTable extends IncomingTable {
	sheet: SheetName;
	map: HeadingMap;
}
