import { err, ok, type Result } from '../result';

/** Most that is taken from one file, so that none keeps the shop waiting: far above what any list or record needs. */
export const BUDGETS = {
	/** Brackets within brackets of JSON. */
	depth: 60,
	rows: 200_000,
	columns: 400,
	cells: 4_000_000,
	/** What a packed workbook comes to, bytes. */
	unpacked: 200_000_000
} as const;

const [QUOTE, BACKSLASH] = ['"', '\\'];

/** How deep the brackets of a JSON text go; it stops counting above a limit. Brackets within strings are letters. */
function depthOf(text: string, limit: number): number {
	let [depth, deepest, inString] = [0, 0, false];
	for (let i = 0; i < text.length; i++) {
		const sign = text[i];
		if (inString) {
			if (sign === BACKSLASH) i += 1;
			else if (sign === QUOTE) inString = false;
		} else if (sign === QUOTE) inString = true;
		else if (sign === '{' || sign === '[') {
			depth += 1;
			if (depth > deepest) deepest = depth;
			if (deepest > limit) return deepest;
		} else if (sign === '}' || sign === ']') depth -= 1;
	}
	return deepest;
}

/** True where a JSON text names the one field that is not a field but the nature of an object. */
const namesProto = (text: string) => /__proto__|\\u005f/i.test(text);

/**
 * Reads JSON that comes from outside, or says in words why it is not read. A field `__proto__` is left out: to a program it is no field.
 */
export function readJson(text: string): Result<unknown, string> {
	if (depthOf(text, BUDGETS.depth) > BUDGETS.depth)
		return err(`is nested more than ${BUDGETS.depth} deep; nothing of a shop is`);
	try {
		const plain = text.replace(/^\uFEFF/, '');
		return ok(namesProto(plain) ? JSON.parse(plain, withoutProto) : JSON.parse(plain));
	} catch (cause) {
		return err(`is not JSON: ${cause instanceof Error ? cause.message : 'unreadable'}`);
	}
}

function withoutProto(this: unknown, key: string, value: unknown): unknown {
	return key === '__proto__' ? undefined : value;
}

/** Why a table is not read for its size; null when it may be. */
export function tooManyCells({ rows, columns }: { rows: number; columns: number }): string | null {
	const most = (what: string, count: number, limit: number) =>
		`has ${count.toLocaleString('en')} ${what}; at most ${limit.toLocaleString('en')} are read at once`;
	if (rows > BUDGETS.rows) return most('rows', rows, BUDGETS.rows);
	if (columns > BUDGETS.columns) return most('columns', columns, BUDGETS.columns);
	return rows * columns > BUDGETS.cells ? most('cells', rows * columns, BUDGETS.cells) : null;
}
