type Tree = Readonly<Record<string, unknown>>;

const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value);

/** The value at a dotted path; undefined when there is none. @example valueAt(socket, 'envelope.opening') */
export function valueAt(tree: object, path: string): unknown {
	return path.split('.').reduce<unknown>((inner, step) => (isTree(inner) ? inner[step] : undefined), tree);
}

/** A copy with the value at a dotted path; undefined takes it away, and with it a branch left empty. */
export function withValueAt<T extends object>(tree: T, path: string, value: unknown): T {
	const [step = '', ...rest] = path.split('.');
	const { [step]: old, ...others } = tree as Tree;
	const inner = rest.length === 0 ? value : withValueAt(isTree(old) ? old : {}, rest.join('.'), value);
	const empty = inner === undefined || (isTree(inner) && Object.keys(inner).length === 0);
	// The order of the fields stays, so that a record written twice is the same text.
	if (empty) return others as T;
	return { ...tree, [step]: inner };
}

/** True when two values say the same: numbers within the tolerance, everything else exactly. */
export function agree(a: unknown, b: unknown, tolerance = 0): boolean {
	if (typeof a === 'number' && typeof b === 'number') return Math.abs(a - b) <= tolerance + 1e-9;
	return JSON.stringify(a) === JSON.stringify(b);
}
