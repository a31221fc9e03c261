import { accessProblemsIn, evidenceProblems, readDocumentText } from '../../lib/core/exchange';
import { readText, type Command } from '../io';

/** Says whether a file is a `rotalux/1` document that holds together, and whether its facts are what their sources say. */
export const check: Command = {
	usage: 'check FILE',
	run: ([file]) => {
		const read = readDocumentText(readText(file));
		const problems = read.ok ? [...accessProblemsIn(read.value), ...evidenceProblems(read.value)] : read.error;
		return { output: { ok: problems.length === 0, problems }, exit: problems.length === 0 ? 0 : 1 };
	}
};
