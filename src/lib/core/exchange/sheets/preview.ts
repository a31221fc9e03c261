import type { Evidence, Product } from '../../model';
import type { Cell } from './cells';
import type { SheetName } from './columns';
import type { HeadingMap } from './headings';
import type { RowProblem } from './incoming';

/** What a spreadsheet would do to the records, before anything is written. */
export interface SheetsView {
	tabs: {
		tab: string;
		sheet: SheetName;
		rows: number;
		map: HeadingMap;
		samples: { heading: string; cells: Cell[] }[];
		/** The first rows as they were understood: the columns, what each cell says in them, and what is wrong with the row. */
		understood: { columns: string[]; rows: { number: number; cells: string[]; problems: string[] }[] };
	}[];
	rows: number;
	/** The first problems, and how many there are. */
	problems: RowProblem[];
	problemCount: number;
	/** Rows with at least one problem. */
	badRows: number;
	newVehicles: string[];
	changedVehicles: string[];
	sockets: { added: number; changed: number };
	products: { added: number; changed: number };
	accessories: { added: number; changed: number };
}

/** How a spreadsheet is meant to be taken in. */
export interface SheetOptionsView {
	/** Whose headings they are; remembered under this name when it is given. */
	supplier: string;
	/** Where the values come from; null takes the rows as the record itself. */
	source: Evidence['source'] | null;
	/** The vehicle of rows that name none. */
	configuration: string | null;
	/** Leave out rows that cannot be read, instead of taking nothing. */
	leaveOut: boolean;
	/** What lamps are whose rows do not say; null where that is a problem. */
	kind?: Product['kind'] | null;
	/** True where LED lamps for one filament that do not say their modes have one. */
	isSingle?: boolean;
}
