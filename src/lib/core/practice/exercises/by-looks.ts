import { cheapestSet } from './cheapest-set';
import type { Cost, Judged, Opened } from './exercise';

/** Whoever spends more than this many times the least, and some minutes, has looked at too much. */
const WASTE = { times: 2, minutes: 5 } as const;

/**
 * What an answer that stands is worth by the looks before it: right where they say so, luck where they do not, too careful where half of them would
 * have done.
 * @param isShown true where nothing else is left by what was looked at
 */
export function judgedByLooks(
	{ isShown, spent, least }: { isShown: boolean; spent: number; least: number },
	opened: readonly Opened[]
): Judged {
	if (!isShown) return { outcome: 'lucky', opened, cost: null };
	if (spent <= WASTE.times * least + WASTE.minutes) return { outcome: 'right', opened, cost: null };
	const cost: Cost = { minutes: spent - least, words: `${spent} min of looking; ${least} min are enough.` };
	return { outcome: 'too-careful', opened, cost };
}

/** Something with its minutes. */
interface Timed {
	minutes: number;
}

export const minutesOf = (looks: readonly Timed[]): number => looks.reduce((sum, { minutes }) => sum + minutes, 0);

/** The looks that are enough in the fewest minutes; null where not even all of them are. */
export const fewestLooks = <T extends Timed>(
	looks: readonly T[],
	isEnough: (set: readonly T[]) => boolean
): T[] | null => cheapestSet(looks, ({ minutes }) => minutes, isEnough);
