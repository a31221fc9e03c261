import type { LampCategory } from './category';
import type { FunctionId } from './functions';

/** How bright a function is beside others of one lamp: the dimmest has the minor filament. What is not named is brightest. */
const BRIGHTNESS: Partial<Record<FunctionId, number>> = { tail: 0, 'front-position': 0, drl: 1, 'low-beam': 2 };
const BRIGHTEST = 3;
const brightness = (id: FunctionId) => BRIGHTNESS[id] ?? BRIGHTEST;

/** The filaments of a lamp: a lone one is the major. */
export type FilamentRole = 'major' | 'minor';

/**
 * Which filament of a two-filament lamp serves a function: in a stop/tail or turn/position lamp the minor one is the dim one,
 * in a daytime running lamp with position it is the position, in a combined headlamp (H4 and its kin) the low beam, in H15 the daytime
 * running one. A lone function uses the major.
 */
export function filamentOf(all: readonly FunctionId[], one: FunctionId): FilamentRole {
	const own = brightness(one);
	return all.some((id) => brightness(id) > own) ? 'minor' : 'major';
}

/**
 * Which contact of a socket a function comes in by: a lamp with one filament has one contact, whatever the number of its functions.
 * @param category lamp of the socket; null when nobody knows it
 */
export function contactOf(
	category: Pick<LampCategory, 'filaments'> | null,
	all: readonly FunctionId[],
	one: FunctionId
): FilamentRole {
	return category !== null && category.filaments !== 2 ? 'major' : filamentOf(all, one);
}
