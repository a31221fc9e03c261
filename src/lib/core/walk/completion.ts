import { termsStarting } from './vocabulary';

/** A way to finish the word at the caret: the whole line with it, where the caret goes, and what it means. */
export interface Completion {
	word: string;
	label: string;
	line: string;
	caret: number;
}

const MAX_COMPLETIONS = 8;

/** Ways to finish the word before the caret, shortest first; none where no word is begun. */
export function completions(line: string, caret: number): Completion[] {
	const before = line.slice(0, caret);
	const begun = /[^\s,;]+$/.exec(before)?.[0] ?? '';
	if (begun === '') return [];
	const start = caret - begun.length;
	return termsStarting(begun, MAX_COMPLETIONS)
		.filter(({ text }) => text.toLowerCase() !== begun.toLowerCase())
		.map(({ text, label }) => {
			const head = `${line.slice(0, start)}${text} `;
			return { word: text, label, line: head + line.slice(caret).trimStart(), caret: head.length };
		});
}
