import type { AccessContext } from './reading';
import { ACTIONS, CARES, CLAUSES, DRIVES, FASTENERS, PART_WORDS, PARTS, PLACES } from './vocabulary';

/** A way to finish what is begun at the caret: the whole line with it, where the caret goes, and what it is. */
export interface AccessCompletion {
	word: string;
	label: string;
	line: string;
	caret: number;
}

const MAX_COMPLETIONS = 8;

interface Offer {
	word: string;
	label: string;
}

const labelled = (label: string, words: readonly string[]): Offer[] => words.map((word) => ({ word, label }));

const HEAD: readonly Offer[] = [
	...labelled('part', [...PARTS, ...Object.keys(PART_WORDS)]),
	...labelled('what is done', Object.keys(ACTIONS)),
	...labelled('side', ['left', 'right', 'both'])
];
const WORK: readonly Offer[] = [
	...labelled('fastener', Object.keys(FASTENERS)),
	...labelled('drive', Object.keys(DRIVES)),
	...labelled('where it sits', PLACES),
	...labelled('then', CLAUSES)
];

/** What may stand at a place of a line: parts in the head, operations after "after", cares after "care", lamps after "reaches", else fasteners. */
function offersAt(before: string, { access, sockets }: AccessContext): readonly Offer[] {
	const [colon, semicolon] = [before.indexOf(':'), before.indexOf(';')];
	// A colon before the first semicolon ends the head; a later one belongs to its clause.
	const headEnds = colon >= 0 && (semicolon < 0 || colon < semicolon) ? colon : semicolon;
	const clause = before.slice(Math.max(before.lastIndexOf(';'), headEnds) + 1).trimStart();
	if (!/[:;]/.test(before)) return HEAD;
	if (/^(?:after|by|via)\s/i.test(clause))
		return (access?.operations ?? []).map(({ part, title, side }) => ({
			word: part ?? title.toLowerCase(),
			label: `${title}${side && side !== 'both' ? `, ${side}` : ''}`
		}));
	if (/^(?:care|mind)\b/i.test(clause)) return labelled('to mind', CARES);
	if (/^(?:reaches|reach|for)\s/i.test(clause))
		return [
			...sockets.map(({ id }) => ({ word: id as string, label: 'lamp holder' })),
			{ word: 'flasher', label: 'the flasher' }
		];
	return WORK;
}

/** Ways to finish the word before the caret, shortest first; none where no word is begun. A word of several may be begun with its first. */
export function accessCompletions(line: string, caret: number, context: AccessContext): AccessCompletion[] {
	const before = line.slice(0, caret);
	const begun = /[^\s,;:+]+$/.exec(before)?.[0] ?? '';
	if (begun === '') return [];
	const start = caret - begun.length;
	const seen = new Set<string>();
	return offersAt(before.slice(0, start), context)
		.filter(
			({ word }) => word.toLowerCase().startsWith(begun.toLowerCase()) && word.toLowerCase() !== begun.toLowerCase()
		)
		.filter(({ word }) => !seen.has(word) && seen.add(word))
		.sort((a, b) => a.word.length - b.word.length || a.word.localeCompare(b.word))
		.slice(0, MAX_COMPLETIONS)
		.map(({ word, label }) => {
			const head = `${line.slice(0, start)}${word} `;
			return { word, label, line: head + line.slice(caret).trimStart(), caret: head.length };
		});
}
