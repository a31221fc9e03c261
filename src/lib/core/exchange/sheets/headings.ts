import { DEFAULT_CURRENCY, type Currency } from '../../quantity';
import type { Cell } from './cells';
import { COLUMNS, COST_WRITTEN, PRICE_WRITTEN, SHEETS, type SheetName } from './columns';

/** Which column each heading of a sheet stands for; null for a heading that is left alone. */
export type HeadingMap = Record<string, string | null>;

const plain = (heading: string) => heading.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

/** Units that stand behind a heading. @example "Length mm", "Power (W)" */
const UNIT = /[\s([,/]+(mm|w|watts?|v|volts?|k|kelvin|lm|lumens?|nm|c|h|pcs)[\])]*$/i;
const LAST_WORD = /[\s([,/]+([A-Z]{3})[\])]*$/;
const CURRENCIES: ReadonlySet<string> = new Set(Intl.supportedValuesOf('currency'));

/** The currency a heading names; null for none. Other words of three letters, such as MAX, are none. @example "Price (EUR)" */
function currencyOf(heading: string): string | null {
	const word = LAST_WORD.exec(heading.trim())?.[1] ?? '';
	return CURRENCIES.has(word) ? word : null;
}
const withoutUnit = (heading: string) => heading.trim().replace(currencyOf(heading) === null ? UNIT : LAST_WORD, '');

/** The column a heading stands for by its own name or a usual one, with or without its unit; null when it is none. */
function columnFor(sheet: SheetName, heading: string): string | null {
	const names = COLUMNS[sheet].map((column) => ({ column, all: [column.heading, ...(column.also ?? [])].map(plain) }));
	for (const wanted of [plain(heading), plain(withoutUnit(heading))]) {
		const exact = names.find(({ column }) => plain(column.heading) === wanted);
		const found = exact ?? names.find(({ all }) => all.includes(wanted));
		if (found) return found.column.heading;
	}
	return null;
}

const WRITTEN: Readonly<Record<string, string>> = { price: PRICE_WRITTEN, cost: COST_WRITTEN };
const isFraction = (cell: Cell) => /\d[.,]\d{1,2}\s*$/.test(String(cell).trim());

/**
 * The column an amount belongs to: as people write it, where the heading names the shop's currency or a cell has decimals; in minor units
 * otherwise. Amounts in another currency belong to none: nothing is converted.
 */
function amountColumn(
	{ heading, column }: { heading: string; column: string | null },
	cells: readonly Cell[],
	currency: Currency
): string | null {
	const minor = Object.keys(WRITTEN).find((name) => name === column || WRITTEN[name] === column);
	if (minor === undefined) return column;
	const named = currencyOf(heading);
	if (named !== null) return named === currency ? (WRITTEN[minor] ?? null) : null;
	return cells.some(isFraction) ? (WRITTEN[minor] ?? null) : column;
}

/**
 * Maps the headings of a sheet: as remembered first, by name otherwise. A column is taken once.
 * @param cellsUnder what stands below a heading, for those that are told by it
 * @param currency the shop's: amounts in another one are left alone
 */
export function mapHeadings(
	sheet: SheetName,
	headings: readonly string[],
	{
		remembered = {},
		cellsUnder = () => [],
		currency = DEFAULT_CURRENCY
	}: { remembered?: HeadingMap; cellsUnder?: (heading: string) => readonly Cell[]; currency?: Currency } = {}
): HeadingMap {
	const taken = new Set<string>();
	return Object.fromEntries(
		headings.map((heading) => {
			const known = remembered[heading];
			const column =
				known !== undefined
					? known
					: amountColumn({ heading, column: columnFor(sheet, heading) }, cellsUnder(heading), currency);
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
