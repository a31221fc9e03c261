import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import type { Outcome } from '../exercises/exercise';
import type { SkillId } from '../exercises/kinds';
import { LEVELS, type Level } from '../vehicle/difficulty';

/** What is remembered of a skill: when it comes back, and how firmly it sits. Days as ISO instants. */
export interface SkillMemory {
	card: Omit<Card, 'due' | 'last_review'> & { due: string; last_review?: string };
	level: Level;
	/** Right answers one after another. */
	streak: number;
	last: Outcome;
}

/** Memory of skills, by what is trained. A skill that was never tried is not in it. */
export type Memory = Readonly<Partial<Record<SkillId, SkillMemory>>>;

/** What an outcome says of how well something is known. */
const GRADE: Readonly<Record<Outcome, Grade>> = {
	right: Rating.Good,
	lucky: Rating.Hard,
	'too-careful': Rating.Hard,
	wrong: Rating.Again
};
/** Right answers in a row before a skill is asked at the next level. */
const ROW = 3;
/** After a miss so many other questions come before the same skill is asked again. */
const OTHERS_BETWEEN = 2;

// Whole days, and no chance: what was missed comes back the next day.
const scheduler = fsrs({ enable_short_term: false, enable_fuzz: false });

const kept = ({ due, last_review: last, ...card }: Card): SkillMemory['card'] => ({
	...card,
	due: due.toISOString(),
	...(last ? { last_review: last.toISOString() } : {})
});

/**
 * The memory of a skill after an answer: when it comes back by spaced repetition, and at which level.
 * @param now an instant, ISO
 * Source: FSRS 6, as the library ts-fsrs has it, with its default weights
 */
export function remembered(before: SkillMemory | undefined, outcome: Outcome, now: string): SkillMemory {
	const { card } = scheduler.next(before?.card ?? createEmptyCard(now), now, GRADE[outcome]);
	const streak = outcome === 'right' ? (before?.streak ?? 0) + 1 : 0;
	const level = before?.level ?? 1;
	const isFirm = streak > 0 && streak % ROW === 0;
	const up = LEVELS.find((one) => one > level) ?? level;
	const down = [...LEVELS].reverse().find((one) => one < level) ?? level;
	return { card: kept(card), level: isFirm ? up : outcome === 'wrong' ? down : level, streak, last: outcome };
}

/** How likely somebody still knows a skill, 0 to 1; null for one that was never tried. */
export function retention(memory: SkillMemory | undefined, now: string): number | null {
	return memory ? scheduler.get_retrievability(memory.card, now, false) : null;
}

/** True when a skill is to be asked again. */
export const isDue = ({ card }: SkillMemory, now: string): boolean => card.due <= now;

/**
 * Which skill is asked next: what was missed a few questions ago, then what is due, what was never tried, and what is weakest.
 * @param offered skills that can be asked; at least one
 * @param asked skills that were asked in this sitting, the last one first
 */
export function nextSkill<Id extends SkillId>(
	memory: Memory,
	{ offered, asked, now }: { offered: readonly Id[]; asked: readonly SkillId[]; now: string }
): Id {
	const others = offered.length > 1 ? offered.filter((kind) => kind !== asked[0]) : offered;
	const missed = others.find(
		(kind) => asked.indexOf(kind) >= OTHERS_BETWEEN && memory[kind] !== undefined && memory[kind].last !== 'right'
	);
	if (missed) return missed;
	const due = others.filter((kind) => memory[kind] !== undefined && isDue(memory[kind], now));
	const weakest = (kinds: readonly Id[]) =>
		[...kinds].sort((a, b) => (retention(memory[a], now) ?? 0) - (retention(memory[b], now) ?? 0))[0];
	return weakest(due) ?? others.find((kind) => memory[kind] === undefined) ?? weakest(others) ?? (others[0] as Id);
}
