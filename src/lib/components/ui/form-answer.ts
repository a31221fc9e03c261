import type { Problem } from '$lib/core/result';

/** What a form action answered: what is wrong field by field, one sentence, or what was done. */
export interface FormAnswer {
	problems: Problem[];
	message: string | null;
	done: string | null;
}

/** Reads the answer of a form action, whichever of its ways it ended. */
export function answerOf(form: unknown): FormAnswer {
	const { problems = [], message = null, done = null } = (form ?? {}) as Partial<FormAnswer>;
	const sentences = [...problems.map((problem) => `${problem.message}.`), message ?? ''].filter(Boolean);
	return { problems, message: sentences.length > 0 ? sentences.join(' ') : null, done };
}
