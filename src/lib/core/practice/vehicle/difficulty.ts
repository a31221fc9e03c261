/** How hard a made vehicle is: 1 for the first day, 5 for somebody who has seen it all. */
export type Level = 1 | 2 | 3 | 4 | 5;
export const LEVELS: readonly Level[] = [1, 2, 3, 4, 5];

/** How much of what goes wrong a vehicle of a level has. Shares, 0 to 1: practice, not measured. */
export interface Difficulty {
	/** Places with little room. */
	tight: number;
	/** Vehicles whose outputs look at their lamps. */
	watched: number;
	/** Vehicles with pulsed headlamps. */
	pulsed: number;
	/** Twin-contact holders that are wired crossed. */
	crossed: number;
	/** Errors of the papers, at least and at most. */
	errors: readonly [least: number, most: number];
}

/** What each level brings. */
export const DIFFICULTY: Readonly<Record<Level, Difficulty>> = {
	1: { tight: 0.02, watched: 0.1, pulsed: 0, crossed: 0, errors: [0, 1] },
	2: { tight: 0.06, watched: 0.4, pulsed: 0.1, crossed: 0.1, errors: [0, 2] },
	3: { tight: 0.12, watched: 0.7, pulsed: 0.3, crossed: 0.25, errors: [1, 2] },
	4: { tight: 0.18, watched: 0.9, pulsed: 0.5, crossed: 0.4, errors: [1, 3] },
	5: { tight: 0.25, watched: 1, pulsed: 0.7, crossed: 0.5, errors: [2, 4] }
};
