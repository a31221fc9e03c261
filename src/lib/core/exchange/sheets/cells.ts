import { readNumber } from '../../quantity';
import { err, ok, type Result } from '../../result';

/** What a spreadsheet cell holds. */
export type Cell = string | number;

/** How a value stands in a cell. */
export type CellKind = 'text' | 'number' | 'list' | 'lines' | 'names' | 'pairs' | 'json';

const PAIR = /^([^=]+)=(.*)$/;

/** A value as a cell; nothing is an empty cell. */
export function toCell(kind: CellKind, value: unknown): Cell {
	if (value === undefined || value === null) return '';
	switch (kind) {
		case 'text':
			return String(value);
		case 'number':
			return typeof value === 'number' ? value : String(value);
		case 'list':
			return (value as unknown[]).join(' ');
		case 'lines':
		case 'names':
			return (value as unknown[]).join(' | ');
		case 'pairs':
			return Object.entries(value as object)
				.map(([key, inner]) => `${key}=${String(inner)}`)
				.join('; ');
		case 'json':
			return JSON.stringify(value);
		default:
			return kind satisfies never;
	}
}

const partsOf = (text: string, apart: string | RegExp) =>
	text
		.split(apart)
		.map((part) => part.trim())
		.filter(Boolean);

function pairsIn(text: string): Result<unknown, string> {
	const pairs = text.split(';').map((part) => PAIR.exec(part.trim()));
	if (pairs.some((pair) => pair === null)) return err(`must be written as a=b; c=d, is “${text}”`);
	const value = (word: string) => (word !== '' && Number.isFinite(Number(word)) ? Number(word) : word);
	return ok(Object.fromEntries(pairs.map((pair) => [pair?.[1]?.trim() ?? '', value(pair?.[2]?.trim() ?? '')])));
}

/** Reads a cell that is not empty, or says what it must be. A comma may stand for the decimal point. */
export function fromCell(kind: CellKind, cell: Cell): Result<unknown, string> {
	const text = String(cell).trim();
	switch (kind) {
		case 'text':
			return ok(text);
		case 'number': {
			const value = readNumber(text);
			return value === null ? err(`must be a number, is “${text}”`) : ok(value);
		}
		case 'list':
			return ok(text.split(/[\s,;]+/).filter(Boolean));
		case 'lines':
			return ok(partsOf(text, '|'));
		case 'names':
			// Others part names by commas or semicolons; no name of a lamp holds one.
			return ok(partsOf(text, /[|;,]/));
		case 'pairs':
			return pairsIn(text);
		case 'json':
			try {
				return ok(JSON.parse(text));
			} catch {
				return err('is not JSON');
			}
		default:
			return kind satisfies never;
	}
}
