import type { FunctionId } from './functions';

const DIM: readonly FunctionId[] = ['tail', 'front-position', 'drl', 'low-beam'];

/**
 * Which filament of a two-filament lamp serves a function: in a stop/tail or turn/position lamp the minor one is the dim one,
 * in a combined headlamp (H4 and its kin) it is the low beam, in H15 the daytime running one. A lone function uses the major.
 */
export function filamentOf(all: readonly FunctionId[], one: FunctionId): 'major' | 'minor' {
	return all.length > 1 && DIM.includes(one) && !all.every((f) => DIM.includes(f)) ? 'minor' : 'major';
}
