import { COLUMNS, SHEETS, type SheetName } from './columns';

/** Which column each heading of a sheet stands for; null for a heading that is left alone. */
export type HeadingMap = Record<string, string | null>;

const plain = (heading: string) => heading.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

/** The column a heading stands for by its own name or a usual one; null when it is none. */
function columnFor(sheet: SheetName, heading: string): string | null {
	const wanted = plain(heading);
	const names = COLUMNS[sheet].map((column) => ({ column, all: [column.heading, ...(column.also ?? [])].map(plain) }));
	const exact = names.find(({ column }) => plain(column.heading) === wanted);
	return (exact ?? names.find(({ all }) => all.includes(wanted)))?.column.heading ?? null;
}

/** Maps the headings of a sheet: as remembered first, by name otherwise. A column is taken once. */
export function mapHeadings(sheet: SheetName, headings: readonly string[], remembered: HeadingMap = {}): HeadingMap {
	const taken = new Set<string>();
	return Object.fromEntries(
		headings.map((heading) => {
			const known = remembered[heading];
			const column = known !== undefined ? known : columnFor(sheet, heading);
			if (column === null || taken.has(column)) return [heading, null];
			taken.add(column);
			return [heading, column];
		})
	);
}

/** The sheet that a table with these headings is; the name of its tab wins. */
export function sheetFor(tab: string, headings: readonly string[]): SheetName {
	const named = SHEETS.find((sheet) => plain(sheet) === plain(tab));
	if (named) return named;
	const hits = (sheet: SheetName) => headings.filter((heading) => columnFor(sheet, heading) !== null).length;
	// Sockets are what people have lists of; another sheet must be plainly nearer.
	const order: SheetName[] = ['sockets', 'evidence', 'channels', 'vehicles', 'units', 'products', 'accessories'];
	const best = Math.max(...order.map(hits));
	if (headings.some((h) => ['fact', 'source'].includes(plain(h))) && hits('evidence') >= hits('sockets') - 1)
		return 'evidence';
	return order.find((sheet) => hits(sheet) === best) ?? 'sockets';
}
