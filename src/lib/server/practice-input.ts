import { error } from '@sveltejs/kit';
import { LEVELS, SKILL_IDS, type ExerciseKey } from '../core/practice';
import { personHere } from './actor';

/** Whom answers are kept for where nobody said a name. */
const SOMEBODY = 'somebody';
const MOST_SEED = 2 ** 31 - 1;

/** Who practises here. */
export const learnerHere = (): string => personHere() ?? SOMEBODY;

/** The exercise an address names. @throws HttpError 404 in one sentence where there is no such exercise */
export function exerciseIn({ kind, seed, level }: { kind: string; seed: string; level: string }): ExerciseKey {
	const found = {
		kind: SKILL_IDS.find((id) => id === kind),
		seed: Number(seed),
		level: LEVELS.find((one) => String(one) === level)
	};
	const isSeed = Number.isSafeInteger(found.seed) && found.seed >= 0 && found.seed <= MOST_SEED;
	if (!found.kind || !found.level || !isSeed) error(404, { message: 'There is no such exercise.' });
	return { kind: found.kind, seed: found.seed, level: found.level };
}
