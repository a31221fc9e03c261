/** Most that a lamp may measure in a place, mm: along and across. */
export interface Limit {
	length: number;
	diameter: number;
	weight: number;
}

/** A box, mm, and the weight of the places it goes into. */
export interface Box {
	length: number;
	diameter: number;
	weight: number;
	places: number;
}

/** Volume of a cylinder of that length and diameter, mm3, but for a factor. */
const volume = ({ length, diameter }: Pick<Box, 'length' | 'diameter'>) => length * diameter ** 2;

/**
 * The largest boxes for what they go into: every pair of length and diameter for which no other goes into as much and is as long and as wide.
 * Exact: an edge of such a box touches the limit of some place, so that only those are tried. Best served first, of equal ones the largest.
 */
export function largestBoxes(limits: readonly Limit[]): Box[] {
	const lengths = [...new Set(limits.map(({ length }) => length))].sort((a, b) => b - a);
	const boxes: Box[] = [];
	for (const length of lengths) {
		const there = limits.filter((limit) => limit.length >= length).sort((a, b) => b.diameter - a.diameter);
		let weight = 0;
		there.forEach((limit, i) => {
			weight += limit.weight;
			const next = there[i + 1];
			if (next?.diameter !== limit.diameter) boxes.push({ length, diameter: limit.diameter, weight, places: i + 1 });
		});
	}
	return undominated(boxes);
}

/** Boxes that no other box beats in length, diameter and weight together. */
function undominated(boxes: readonly Box[]): Box[] {
	const sorted = [...boxes].sort((a, b) => b.weight - a.weight || volume(b) - volume(a));
	const kept: Box[] = [];
	for (const box of sorted)
		if (!kept.some((better) => better.length >= box.length && better.diameter >= box.diameter)) kept.push(box);
	return kept;
}
