import type { Choice, Judged, Posed, Question, Screen } from './exercise';

/** One way to answer, with what it is worth. */
export interface Option extends Choice {
	judged: Judged;
}

/** A question of which every answer is known beforehand. */
interface Asked extends Pick<Question, 'task' | 'given'> {
	drawing?: Question['drawing'];
	options: readonly Option[];
	reason?: Question['reason'];
	rightReasons?: readonly string[];
	screen?: Screen | null;
}

/** A question that is answered by one of some choices. */
export function byChoice({
	task,
	given,
	drawing = null,
	options,
	reason = null,
	rightReasons = [],
	screen = null
}: Asked): Posed {
	const worth = new Map(options.map(({ id, judged }) => [id, judged]));
	const right = options.filter(({ judged }) => judged.outcome === 'right');
	return {
		question: {
			task,
			given,
			drawing,
			looks: [],
			answer: { by: 'choice', choices: options.map(({ judged: _, ...choice }) => choice) },
			reason
		},
		judge: (answer) => worth.get(answer) ?? null,
		seen: () => null,
		standsFor: right.map(({ words }) => words).join(' or '),
		least: 0,
		screen,
		rightReasons
	};
}
