import {
	categoryOrNull,
	LAMP_CATEGORIES,
	type Confidence,
	type Interchange,
	type InterchangeKind
} from '$lib/core/lamps';

/** One neighbour of a category on the interchange map. */
export interface MapNode {
	category: string;
	/** `in`: a lamp of this category in a socket of the middle one; `out`: the other way about. */
	way: 'in' | 'out';
	kind: InterchangeKind;
	lamp: Interchange['lamp'];
	note: string;
	confidence: Confidence;
}

const ORDER: readonly InterchangeKind[] = ['same', 'other-electrics', 'trim', 'wrong', 'no-fit'];

function nodesFor(category: string, way: 'in' | 'out', rows: readonly Interchange[]): MapNode[] {
	const own = way === 'in' ? 'toCategories' : 'fromCategories';
	const other = way === 'in' ? 'fromCategories' : 'toCategories';
	const nodes = rows
		.filter((row) => row[own].includes(category))
		.flatMap(({ [other]: others, kind, lamp, note, confidence }) =>
			others.filter((name) => name !== category).map((name) => ({ category: name, way, kind, lamp, note, confidence }))
		);
	return nodes
		.filter((node, i) => nodes.findIndex((n) => n.category === node.category && n.lamp === node.lamp) === i)
		.sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind) || a.category.localeCompare(b.category));
}

/** Other designations of the same lamp, which need no entry in the table. */
function aliases(category: string, way: 'in' | 'out'): MapNode[] {
	const row = categoryOrNull(category);
	if (!row) return [];
	return LAMP_CATEGORIES.filter(
		(other) =>
			other !== row &&
			(other.aka.includes(row.category) || row.aka.includes(other.category)) &&
			other.caps.join() === row.caps.join()
	).map((other) => ({
		category: other.category,
		way,
		kind: 'same' as const,
		lamp: 'any' as const,
		note: 'Two designations of one lamp.',
		confidence: other.confidence
	}));
}

/** The neighbours of a category: what goes into its sockets, and where its lamps go. Best first. */
export function neighboursOf(category: string, rows: readonly Interchange[]): { into: MapNode[]; from: MapNode[] } {
	const both = (way: 'in' | 'out') => {
		const node = nodesFor(category, way, rows);
		return [...aliases(category, way).filter((a) => !node.some((n) => n.category === a.category)), ...node];
	};
	return { into: both('in'), from: both('out') };
}
