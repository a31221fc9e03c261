import { MOST_TURNS, type AnswerForm, type Posed } from '../../src/lib/core/practice';

/** What stands of a list in words, as ids. */
const named = (words: string, offered: readonly { id: string; words: string }[]) =>
	words.split('; ').flatMap((name) => offered.find((one) => one.words === name)?.id ?? []);

/** Packs of two of everything that is needed in pairs, from the words of what stands. */
function basketFrom(standsFor: string, packs: Extract<AnswerForm, { by: 'packs' }>['packs']): string {
	return packs
		.flatMap(({ id, words, count }) => {
			const name = words.replace(/, pack of \d+$/, '');
			const pieces = Number(
				new RegExp(`(?:: |, )(\\d+) x ${name.replace(/[()]/g, '\\$&')}(?:,|$)`).exec(standsFor)?.[1] ?? 0
			);
			return pieces > 0 && count === (pieces % 2 === 0 ? 2 : 1) ? [`${id}=${pieces / count}`] : [];
		})
		.join(' ');
}

/** Every answer worth a try, by the form of a question. */
function tries({ question: { answer }, standsFor }: Posed): string[] {
	switch (answer.by) {
		case 'choice':
			return answer.choices.map(({ id }) => id);
		case 'line':
			return [/“(.+)”/.exec(standsFor)?.[1] ?? '', 'front turn W5W clear both'];
		case 'order':
			return [named(standsFor.slice(standsFor.indexOf(': ') + 2), answer.steps).join(' '), answer.steps[0]?.id ?? ''];
		case 'screws': {
			const all = Array.from({ length: 2 * MOST_TURNS + 1 }, (_, i) => i - MOST_TURNS);
			return all.flatMap((vertical) => all.map((sideways) => `${vertical} ${sideways}`));
		}
		case 'packs':
			return [basketFrom(standsFor, answer.packs), `${answer.packs[0]?.id}=1`];
	}
}

/** Every set of looks, the cheapest first. */
function looksTried({ question: { looks } }: Posed): string[][] {
	const sets = Array.from({ length: 1 << looks.length }, (_, mask) => looks.filter((_look, i) => mask & (1 << i)));
	const minutesOf = (set: (typeof sets)[number]) => set.reduce((sum, { minutes }) => sum + minutes, 0);
	return sets.sort((a, b) => minutesOf(a) - minutesOf(b)).map((set) => set.map(({ id }) => id));
}

/** An answer that is right, or one that is not, for somebody who looks at as little as is needed. */
export function answerTo(posed: Posed, isRight: boolean): { chosen: string; looked: string[] } {
	for (const looked of looksTried(posed))
		for (const chosen of tries(posed)) {
			const judged = posed.judge(chosen, looked);
			if (judged && (judged.outcome === 'right') === isRight) return { chosen, looked };
		}
	throw new Error(`no such answer to “${posed.question.task}”; it stands: ${posed.standsFor}`);
}
