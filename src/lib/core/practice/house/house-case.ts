import { chanceFrom } from '../chance';
import { byChoice } from '../exercises/by-choice';
import type { Posed } from '../exercises/exercise';

/** One way to answer a case of the house. */
export interface HouseAnswer {
	words: string;
	isRight: boolean;
	/** What says so; what somebody who chose it reads. */
	why: string;
}

/** Something that happened in the shop, as a question. No name of a person is in it. */
export interface HouseCase {
	task: string;
	given: readonly { label: string; value: string }[];
	/** Two at least, one of them right and one not. */
	answers: readonly HouseAnswer[];
	/** Where it is from, in words. */
	source: string;
	/** What the mistake costs, min. */
	minutes: number;
}

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
							cost: { minutes, words: 'That is what it took when it happened.' }
						}
			}))
	});
}
