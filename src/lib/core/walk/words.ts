/** A word of a line and where it stands. */
export interface Word {
	text: string;
	from: number;
	to: number;
}

/** From the first to the last sign of a word that says something: brackets, colons and full stops around it do not. */
const WORD = /[\p{L}\p{N}#×](?:[^\s,;]*[\p{L}\p{N}×])?/gu;

/** The words of a line in lower case, parted by spaces and commas, without what stands around them. @example wordsOf('(Low), H7') // low, h7 */
export function wordsOf(line: string): Word[] {
	return [...line.matchAll(WORD)].map((found) => ({
		text: found[0].toLowerCase().replaceAll('×', 'x'),
		from: found.index,
		to: found.index + found[0].length
	}));
}

/** A designation as fast fingers type it: letters and digits only. @example bare('P21/5W') // "p215w" */
export function bare(text: string): string {
	return text.toLowerCase().replace(/[^a-z0-9]/g, '');
}
