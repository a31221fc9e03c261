/** What the drawing of a way in needs of an operation. */
export interface PlacedOperation {
	id: string;
	/** Operations that come before it, by whatever route. */
	before: readonly string[];
	/** True when it reaches something itself. */
	reaches: boolean;
}

/** Where an operation stands: its column, counted from the outside of the vehicle, and its row. */
export interface AccessNode {
	id: string;
	column: number;
	row: number;
}

/** Longest way from the outside to each operation; a ring is cut where it closes. */
function columns(operations: ReadonlyMap<string, PlacedOperation>): Map<string, number> {
	const found = new Map<string, number>();
	const columnOf = (id: string, seen: ReadonlySet<string>): number => {
		const known = found.get(id);
		if (known !== undefined) return known;
		const before = (operations.get(id)?.before ?? []).filter((other) => operations.has(other) && !seen.has(other));
		const within = new Set([...seen, id]);
		const column = Math.max(-1, ...before.map((other) => columnOf(other, within))) + 1;
		if (seen.size === 0 || before.length > 0 || column === 0) found.set(id, column);
		return column;
	};
	for (const id of operations.keys()) columnOf(id, new Set());
	return found;
}

/**
 * Lays a way in out from the outside of the vehicle to the lamps: each operation once, a column for each step inward, what follows an operation
 * beside or below it. What an operation reaches is written to the right of its row, so nothing else stands there.
 */
export function layOutAccess(given: readonly PlacedOperation[]): AccessNode[] {
	const operations = new Map(given.map((operation) => [operation.id, operation]));
	const column = columns(operations);
	// An operation stands under the last of those that come before it.
	const below = new Map<string | null, string[]>();
	for (const { id, before } of operations.values()) {
		const known = before.filter((other) => operations.has(other) && (column.get(other) ?? 0) < (column.get(id) ?? 0));
		const parent = known.reduce<string | null>(
			(best, other) => (best === null || (column.get(other) ?? 0) > (column.get(best) ?? 0) ? other : best),
			null
		);
		below.set(parent, [...(below.get(parent) ?? []), id]);
	}
	const nodes: AccessNode[] = [];
	let row = -1;
	const put = (id: string, beside: boolean): void => {
		if (!beside) row += 1;
		nodes.push({ id, column: column.get(id) ?? 0, row });
		let isFree = operations.get(id)?.reaches === false;
		for (const next of below.get(id) ?? []) {
			put(next, isFree);
			isFree = false;
		}
	};
	for (const id of below.get(null) ?? []) put(id, false);
	return nodes;
}
