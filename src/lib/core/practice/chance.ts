import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Chance from a seed: the same seed draws the same, on every machine. */
export interface Chance {
	/** True with a probability, 0 to 1. */
	is: (probability: number) => boolean;
	/** One of a list that is not empty. */
	pick: <T>(list: readonly T[]) => T;
	/** A number between two, to a step. */
	between: (low: number, high: number, step?: number) => number;
	/** A list in another order. */
	shuffled: <T>(list: readonly T[]) => T[];
}

/** @throws RangeError for a list without items: the caller has nothing to choose from */
function one<T>(list: readonly T[], index: number): T {
	if (index >= list.length) throw new RangeError('nothing to choose from');
	return list[index] as T;
}

/** Chance from a seed, a whole number. @example chanceFrom(7).pick(['a', 'b']) // the same for every run */
export function chanceFrom(seed: number): Chance {
	const generator = xoroshiro128plus(seed);
	const below = (count: number) => uniformInt(generator, 0, Math.max(0, count - 1));
	return {
		is: (probability) => uniformFloat64(generator) < probability,
		pick: (list) => one(list, below(list.length)),
		between: (low, high, step = 1) => {
			const drawn = low + step * below(Math.floor((high - low) / step + 1e-9) + 1);
			return Number(drawn.toFixed(6));
		},
		shuffled: (list) => {
			const rest = [...list];
			return list.map(() => rest.splice(below(rest.length), 1)[0] as (typeof list)[number]);
		}
	};
}
