import { describe, expect, it } from 'vitest';
import { socketName } from '../../vehicle';
import { chanceFrom, EXERCISE_IDS, EXERCISE_KINDS, make, poseExercise, scoreAnswer } from '../index';
import type { ExerciseId, Made, Posed } from '../index';
import { candidatesIn } from './shop';

const SEEDS = Array.from({ length: 60 }, (_, i) => i + 1);
const vehicles: Made[] = SEEDS.map((seed) => make(seed));
const posed = Object.fromEntries(
	EXERCISE_IDS.map((kind) => [
		kind,
		vehicles.flatMap((made) => {
			const one = EXERCISE_KINDS[kind].pose(made, chanceFrom(made.seed));
			return one ? [{ made, posed: one }] : [];
		})
	])
) as Record<ExerciseId, { made: Made; posed: Posed }[]>;

describe.each(EXERCISE_IDS)('%s', (kind) => {
	it('is asked of most vehicles', () => {
		// Papers that agree leave nothing to ask about.
		expect(posed[kind].length).toBeGreaterThan(kind === 'trust-paper' ? SEEDS.length / 4 : SEEDS.length / 2);
	});

	it('judges every choice, has an answer that stands and one that does not, and no two choices of the same words', () => {
		for (const { made, posed: one } of posed[kind]) {
			const { choices, reason } = one.question;
			expect(Object.keys(one.judged).sort(), `seed ${made.seed}`).toEqual(choices.map(({ id }) => id).sort());
			const outcomes = choices.map(({ id }) => one.judged[id]?.outcome);
			expect(outcomes, `seed ${made.seed}`).toContain('right');
			expect(
				outcomes.some((outcome) => outcome !== 'right'),
				`seed ${made.seed}`
			).toBe(true);
			expect(new Set(choices.map(({ words }) => words)).size, `seed ${made.seed}`).toBe(choices.length);
			if (reason) expect(reason.choices.map(({ id }) => id)).toEqual(expect.arrayContaining([...one.rightReasons]));
			expect(one.rightReasons.length > 0).toBe(reason !== null);
		}
	});

	it('opens every mistake into what would have said so, and says what it costs', () => {
		for (const { posed: one } of posed[kind])
			for (const judged of Object.values(one.judged))
				if (judged.outcome === 'wrong' || judged.outcome === 'too-careful') {
					expect(judged.opened.length).toBeGreaterThan(0);
					for (const { what, why, source } of judged.opened)
						for (const text of [what, why, source]) expect(text).not.toBe('');
					expect(judged.cost?.minutes).toBeGreaterThan(0);
				}
	});

	it('is the same from the same key', () => {
		const key = { kind, seed: 7, level: 3 } as const;
		expect(poseExercise(key)).toEqual(poseExercise(key));
	});
});

describe('the scoring', () => {
	it('calls every lamp that the rules let pass right, and no other', () => {
		for (const { made, posed: one } of posed['choose-lamp']) {
			const socket = made.truth.sockets.find(
				(place) => one.question.task === `Which lamp goes into ${socketName(place).toLowerCase()}?`
			)!;
			for (const { product, verdict } of candidatesIn(made, socket)) {
				const judged = one.judged[product.id];
				if (judged) expect(judged.outcome === 'right').toBe(verdict === 'fits' || verdict === 'parts');
			}
		}
	});

	it('calls an answer that stands for the wrong reason lucky, and one that was not offered nothing', () => {
		const { posed: one } = posed['predict-dash'][0]!;
		const right = one.question.choices.find(({ id }) => one.judged[id]?.outcome === 'right')!.id;
		const wrongReason = one.question.reason!.choices.find(({ id }) => !one.rightReasons.includes(id))!.id;
		expect(scoreAnswer(one, { chosen: right, reason: one.rightReasons[0] })?.outcome).toBe('right');
		expect(scoreAnswer(one, { chosen: right, reason: wrongReason })?.outcome).toBe('lucky');
		expect(scoreAnswer(one, { chosen: right })?.outcome).toBe('lucky');
		expect(scoreAnswer(one, { chosen: 'constructor' })).toBeNull();
	});
});
