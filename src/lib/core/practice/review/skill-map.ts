import type { Outcome } from '../exercises/exercise';
import { SKILL_IDS, SKILLS, type SkillId } from '../exercises/kinds';
import { isDue, retention, type Memory } from './schedule';

/** A skill as the map of skills shows it. */
export interface SkillView {
	kind: SkillId;
	skill: string;
	level: number | null;
	/** How likely it is still known, 0 to 1; null where it was never tried. */
	retention: number | null;
	due: string | null;
	isDue: boolean;
	last: Outcome | null;
}

/** The map of skills of somebody, by what they remember. */
export const skillMap = (memory: Memory, now: string): SkillView[] =>
	SKILL_IDS.map((kind) => {
		const known = memory[kind];
		return {
			kind,
			skill: SKILLS[kind].skill,
			level: known?.level ?? null,
			retention: retention(known, now),
			due: known?.card.due ?? null,
			isDue: known !== undefined && isDue(known, now),
			last: known?.last ?? null
		};
	});
