import type { DocumentError } from './error';
import { otherCategory } from './twins';

/** The lamp with one filament that is named for one with two. */
const SINGLE: Readonly<Record<string, string>> = {
	'P21/5W': 'P21W',
	'W21/5W': 'W21W',
	'1157': '1156',
	'7443': '7440',
	'3157': '3156',
	H4: 'H7'
};

export const oneCircuit: DocumentError = {
	id: 'one-circuit',
	why: 'It names a lamp with one filament for a place with two functions. Count the contacts of the lamp.',
	make: (paper, chance) => otherCategory(paper, chance, ({ category }) => SINGLE[category ?? ''] ?? null)
};
