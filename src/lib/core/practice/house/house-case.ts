import { z } from 'zod';
import { byChoice } from '../exercises/by-choice';
import { chanceFrom } from '../chance';
import type { Posed } from '../exercises/exercise';

const words = (most: number, asked: string) =>
	z.string().trim().min(1, asked).max(most, `must be at most ${most} characters`);

/** One way to answer a case of the house, and what says whether it stands. */
export const houseAnswer = z.object({
	words: words(200, 'Write the answer'),
	isRight: z.boolean(),
	/** What says so; what somebody who chose it reads. */
	why: words(500, 'Write what says so')
});

/** Something that happened in the shop, as a question. No name of a person is in it. */
export const houseCase = z.object({
	task: words(300, 'Write the question'),
	given: z.array(z.object({ label: words(60, 'Name it'), value: words(300, 'Say what is known') })).max(8),
	answers: z
		.array(houseAnswer)
		.min(2, 'A question has two answers at least')
		.max(6, 'A question has six answers at most')
		.refine((answers) => answers.some(({ isRight }) => isRight), 'One answer has to be right')
		.refine((answers) => answers.some(({ isRight }) => !isRight), 'One answer has to be wrong')
		.refine(
			(answers) => new Set(answers.map((one) => one.words.toLowerCase())).size === answers.length,
			'Two answers must not be the same'
		),
	/** Where it is from, in words. */
	source: words(120, 'Say where it is from'),
	/** What the mistake costs, min. */
	minutes: z.number().int().min(1).max(600)
});

export type HouseCase = z.infer<typeof houseCase>;

/**
 * A case of the house as an exercise.
 * @param seed the answers stand in an order that comes from it
 */
export function poseHouseCase({ task, given, answers, source, minutes }: HouseCase, seed: number): Posed {
	const right = answers.filter(({ isRight }) => isRight);
	const because = right.map((one) => ({ what: one.words, why: one.why, source }));
	return byChoice({
		task,
		given,
		options: chanceFrom(seed)
			.shuffled(answers.map((one, i) => ({ ...one, id: String(i) })))
			.map(({ id, words: text, isRight, why }) => ({
				id,
				words: text,
				judged: isRight
					? { outcome: 'right', opened: [{ what: text, why, source }], cost: null }
					: {
							outcome: 'wrong',
							opened: [{ what: `not: ${text}`, why, source }, ...because],
							cost: { minutes, words: 'It happened in this shop: that is what it took.' }
						}
			}))
	});
}
