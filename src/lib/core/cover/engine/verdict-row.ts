import { VERDICTS, type Verdict } from '../../match';

/** Verdicts of one place over a list of products, four to a byte: a number of `VERDICTS`, two bits each, the first product in the lowest bits. */
export type VerdictRow = Uint8Array;

const PER_BYTE = 4;
const BITS = 2;
const MASK = 3;

/** A row for so many products, all refused. */
export const emptyRow = (products: number): VerdictRow => new Uint8Array(Math.ceil(products / PER_BYTE)).fill(0xff);

/** The number of the verdict of a product; refused for one that the row is too short for. */
export const codeAt = (row: VerdictRow, at: number): number =>
	((row[at >> BITS] ?? 0xff) >> (BITS * (at & MASK))) & MASK;

/** The verdict of a product. */
export const verdictAt = (row: VerdictRow, at: number): Verdict => VERDICTS[codeAt(row, at)] ?? 'refused';

/** Writes the number of a verdict into a row. */
export function setCode(row: VerdictRow, at: number, code: number): void {
	const shift = BITS * (at & MASK);
	row[at >> BITS] = ((row[at >> BITS] ?? 0xff) & ~(MASK << shift)) | (code << shift);
}

/** The row with room for so many products; new ones are refused. The same row where it is long enough. */
export function grown(row: VerdictRow, products: number): VerdictRow {
	const wanted = emptyRow(products);
	if (wanted.length <= row.length) return row;
	wanted.set(row);
	return wanted;
}
