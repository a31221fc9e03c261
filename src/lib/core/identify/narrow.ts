import type { Configuration } from '../model';
import { lookQuestions, type LookQuestion } from './questions';

/** What was answered: by question id, the answer's id, or `unknown` for "don't know". */
export type Answers = Readonly<Record<string, string>>;

export const DONT_KNOW = 'unknown';

/** Configurations left by the answers, and the question to ask next; null when no look tells them further apart. */
export interface Narrowed {
	possible: Configuration[];
	next: LookQuestion | null;
	/** What was asked and answered, in words. */
	answered: { id: string; text: string; answer: string }[];
}

/** How many are left on average once a question is answered, when each configuration is as likely as the next. */
export function expectedLeft(question: LookQuestion, configurations: readonly Configuration[]): number {
	const answers = configurations.map(question.answerOf);
	const silent = answers.filter((answer) => answer === null).length;
	const counts = question.answers.map(({ id }) => answers.filter((answer) => answer === id).length);
	// One that does not say stays whatever is answered, and may be behind any answer alike.
	const share = (count: number) => (count + silent / question.answers.length) / configurations.length;
	return counts.reduce((sum, count) => sum + share(count) * (count + silent), 0);
}

/** The question that leaves the fewest on average, the plainest among equals. */
function best(questions: readonly LookQuestion[], configurations: readonly Configuration[]): LookQuestion | null {
	let chosen: LookQuestion | null = null;
	let least = configurations.length - 1e-9;
	for (const question of questions) {
		const left = expectedLeft(question, configurations);
		if (left < least - 1e-9) [chosen, least] = [question, left];
	}
	return chosen;
}

/** Narrows configurations by what was answered and finds the next question. "Don't know" rules nothing out. */
export function narrow(configurations: readonly Configuration[], answers: Answers): Narrowed {
	const all = lookQuestions(configurations);
	const answered = all.flatMap((question) => {
		const given = answers[question.id];
		if (given === undefined) return [];
		const answer = question.answers.find(({ id }) => id === given)?.text ?? "don't know";
		return [{ question, given, id: question.id, text: question.text, answer }];
	});
	const possible = configurations.filter((c) =>
		answered.every(({ question, given }) => {
			const own = question.answerOf(c);
			return given === DONT_KNOW || own === null || own === given;
		})
	);
	const open = lookQuestions(possible).filter((question) => answers[question.id] === undefined);
	return {
		possible,
		next: possible.length > 1 ? best(open, possible) : null,
		answered: answered.map(({ id, text, answer }) => ({ id, text, answer }))
	};
}
