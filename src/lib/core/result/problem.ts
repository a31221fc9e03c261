/** One thing wrong with an input: where (a path into the document, '' for the whole) and what, in one sentence. */
export interface Problem {
	path: string;
	message: string;
}

/** One line of plain words for a list of problems: the first in full, the rest counted. */
export function summarise(problems: readonly Problem[]): string {
	const [first] = problems;
	if (!first) return 'Nothing is wrong.';
	const where = first.path ? `${first.path}: ` : '';
	const rest = problems.length > 1 ? ` (and ${problems.length - 1} more)` : '';
	return `${where}${first.message}${rest}`;
}
