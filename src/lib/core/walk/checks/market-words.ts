import { doubt, type Check } from './check';

/** Words that mean one lamp in one market and another in the next. */
const WORDS: readonly [form: RegExp, text: string][] = [
	[
		/\bside ?lights?\b/,
		'Read as the front position lamp. For the lamp on the flank type marker, for the flashing one repeater.'
	],
	[
		/\brunning light\b/,
		'Read as daytime running. Where it means the dim tail or position lamp, type tail or position.'
	],
	[/\bdriving (beam|in fog)\b/, 'An extra driving lamp is a high beam; the daytime running lamp is drl.']
];

/** Says which of two lamps a word was taken for. */
export const marketWords: Check = (_draft, _context, line) => {
	const hit = WORDS.find(([form]) => form.test(line));
	return hit ? doubt(hit[1]) : null;
};
