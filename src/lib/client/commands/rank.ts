/** Something that is found by words. */
export interface Ranked {
	words: string;
	also?: string | undefined;
}

const partsOf = (text: string) =>
	text
		.toLowerCase()
		.split(/[^\p{L}\p{N}.+/]+/u)
		.filter(Boolean);

const BEGINS = 3;
const INSIDE = 1;
const ALSO = 0.5;

function scoreOf({ words, also = '' }: Ranked, typed: readonly string[]): number {
	const [named, other] = [partsOf(words), partsOf(also)];
	let score = 0;
	for (const part of typed) {
		const at = (list: readonly string[]) =>
			list.some((word) => word.startsWith(part)) ? BEGINS : list.some((word) => word.includes(part)) ? INSIDE : 0;
		const best = Math.max(at(named), at(other) * ALSO);
		if (best === 0) return 0;
		score += best;
	}
	// The shorter name is meant where both answer alike.
	return score - named.length / 100;
}

/**
 * What answers to a line, best first: every word typed begins or stands in a word of it. Nothing typed leaves all as they stand.
 * @example rank([{ words: 'Stock' }, { words: 'What to order' }], 'ord') // [{ words: 'What to order' }]
 */
export function rank<T extends Ranked>(list: readonly T[], line: string): T[] {
	const typed = partsOf(line);
	if (typed.length === 0) return [...list];
	return list
		.map((item) => ({ item, score: scoreOf(item, typed) }))
		.filter(({ score }) => score > 0)
		.sort((a, b) => b.score - a.score)
		.map(({ item }) => item);
}
