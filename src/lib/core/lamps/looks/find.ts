import { LAMP_CATEGORIES, type Glass, type LampCategory, type Mount } from '../category';
import { looksOf } from './looks';
import type { Pins } from './pins';

/** What somebody sees of a lamp in the hand; what they do not say rules nothing out. */
export interface Seen {
	mount?: Mount | undefined;
	round?: Pins['round'] | undefined;
	height?: Pins['height'] | undefined;
	contacts?: 1 | 2 | undefined;
	glass?: Glass | undefined;
	/** Measured with a rule, mm. */
	length?: number | undefined;
	across?: number | undefined;
}

/** A category that may be meant: how far it is off what was measured, and what of it nobody has in the table. */
export interface LookedLike {
	category: LampCategory;
	/** Differences of what was measured, mm together. */
	off: number;
	notKnown: ('length' | 'across')[];
}

/** A rule in the hand is read to a millimetre or two, and lamps of one category differ as much. An estimate. */
export const READING_MM = { length: 4, across: 3 } as const;

const differs = <T>(seen: T | undefined, is: T | null) => seen !== undefined && is !== null && seen !== is;

function measured(seen: Seen, is: { length: number | null; across: number | null }) {
	let off = 0;
	const notKnown: LookedLike['notKnown'] = [];
	for (const what of ['length', 'across'] as const) {
		const [typed, known] = [seen[what], is[what]];
		if (typed === undefined) continue;
		if (known === null) notKnown.push(what);
		else if (Math.abs(typed - known) > READING_MM[what]) return null;
		else off += Math.abs(typed - known);
	}
	return { off, notKnown };
}

/**
 * The categories that a lamp in the hand may be of, the nearest first: nothing that was seen speaks against them. A length or width that the
 * table does not have speaks neither for nor against.
 */
export function lampsLike(seen: Seen, categories: readonly LampCategory[] = LAMP_CATEGORIES): LookedLike[] {
	return categories
		.flatMap((category): LookedLike[] => {
			const looks = looksOf(category);
			const isOther =
				differs(seen.mount, looks.mount) ||
				differs(seen.round, looks.pins?.round ?? null) ||
				differs(seen.height, looks.pins?.height ?? null) ||
				differs(seen.contacts, looks.contacts) ||
				differs(seen.glass, looks.glass);
			const sizes = isOther ? null : measured(seen, looks);
			return sizes ? [{ category, ...sizes }] : [];
		})
		.sort((a, b) => a.notKnown.length - b.notKnown.length || a.off - b.off);
}
