import type { Words } from './words';

/** A fact on which two sources disagree, and what the lamp would be by each of the values. */
export interface Contested {
	fact: string;
	/** The value in force first, each with the verdict it gives, in words. */
	values: readonly { value: string; verdict: string }[];
}

/** A verdict that hangs on an open question. */
export function contestedWords({ fact, values }: Contested): Words {
	return {
		measured: `${fact}: ${values.map(({ value, verdict }) => `${value} (${verdict})`).join(' or ')}`,
		required: 'one value',
		why: `Two sources disagree about the ${fact.toLowerCase()}, and the answer hangs on it: look, and settle the question.`
	};
}
