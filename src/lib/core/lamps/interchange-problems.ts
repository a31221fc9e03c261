import type { Interchange } from './interchange';

/**
 * What does not hold together in an interchange table: a category set against itself, two entries that say different things of one
 * pair, and a circle of `same` that comes back to a pair the table calls wrong or impossible. Sentences, none when all is well.
 */
export function interchangeProblems(rows: readonly Interchange[]): string[] {
	return [...selfEntries(rows), ...doubles(rows), ...circles(rows)];
}

function pairs(rows: readonly Interchange[]): { from: string; to: string; row: Interchange }[] {
	return rows.flatMap((row) => row.fromCategories.flatMap((from) => row.toCategories.map((to) => ({ from, to, row }))));
}

function selfEntries(rows: readonly Interchange[]): string[] {
	// An entry about an LED in a socket of its own category speaks of wiring, and is no trouble.
	return pairs(rows)
		.filter(({ from, to, row }) => from === to && row.lamp === 'any' && row.kind !== 'same')
		.map(({ from, row }) => `${from} is set against itself (“${row.from}” to “${row.to}”).`);
}

function doubles(rows: readonly Interchange[]): string[] {
	const first = new Map<string, Interchange>();
	return pairs(rows).flatMap(({ from, to, row }) => {
		const key = `${from}>${to}:${row.lamp}`;
		const earlier = first.get(key);
		if (!earlier) first.set(key, row);
		return earlier && earlier.kind !== row.kind
			? [`${from} to ${to} is said to be ${earlier.kind} and ${row.kind}.`]
			: [];
	});
}

/** Categories reached from one by `same` alone. */
function sameAs(start: string, next: ReadonlyMap<string, readonly string[]>): Set<string> {
	const reached = new Set([start]);
	for (const at of reached) for (const to of next.get(at) ?? []) reached.add(to);
	return reached;
}

function circles(rows: readonly Interchange[]): string[] {
	const general = pairs(rows).filter(({ row }) => row.lamp === 'any');
	const next = new Map<string, string[]>();
	for (const { from, to, row } of general) if (row.kind === 'same') next.set(from, [...(next.get(from) ?? []), to]);
	return general
		.filter(({ from, to, row }) => (row.kind === 'wrong' || row.kind === 'no-fit') && sameAs(from, next).has(to))
		.map(({ from, to, row }) => `${from} is the same as ${to} by a chain of entries, and ${row.kind} by another.`);
}
