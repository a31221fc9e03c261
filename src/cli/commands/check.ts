import { readDocumentText } from '../../lib/core/exchange';
import { readText, type Command } from '../io';

/** Says whether a file is a `rotalux/1` document that holds together. */
export const check: Command = {
	usage: 'check FILE',
	run: ([file]) => {
		const read = readDocumentText(readText(file));
		const problems = read.ok ? [] : read.error;
		return { output: { ok: read.ok, problems }, exit: read.ok ? 0 : 1 };
	}
};
