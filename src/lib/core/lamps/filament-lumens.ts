import { categoryOrNull, type LampCategory } from './category';

/** Light of a small filament lamp for each watt, lm/W (R10W: 125 lm from 10 W; 5 W lamps give less). */
const SMALL_FILAMENT_LM_PER_W = 12;
/** Up to here a filament lamp counts as a small one, W. */
const SMALL_FILAMENT_W = 10;

/**
 * Luminous flux of the filament lamp of a category, lm: its own figure; else the most of the lamps it is also called; else what small lamps
 * give for their watts. Undefined when nothing of that is known.
 */
export function filamentLumens({ lumens, aka, watts }: LampCategory): number | undefined {
	if (lumens !== undefined) return lumens;
	const called = aka.flatMap((name) => categoryOrNull(name) ?? []);
	const known = called.flatMap((other) => other.lumens ?? []);
	if (known.length > 0) return Math.max(...known);
	const most = Math.max(...[watts, ...called.map((other) => other.watts)].map((w) => w ?? 0));
	return most > 0 && most <= SMALL_FILAMENT_W ? most * SMALL_FILAMENT_LM_PER_W : undefined;
}
