import type { MadeKey } from './exercises/score';

/** Three exercises in three minutes, for somebody who has never seen the job. */
export const TOUR: readonly MadeKey[] = [
	{ kind: 'name-lamp', seed: 3, level: 1 },
	{ kind: 'see-colour', seed: 2, level: 1 },
	{ kind: 'predict-dash', seed: 18, level: 2 }
];
