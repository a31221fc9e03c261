import type { DocumentError } from './error';
import { otherCategory } from './twins';

/** The US number that is put for a UN lamp, whose colour or pins it does not have. */
const NUMBERS: Readonly<Record<string, string>> = {
	PY21W: '1156',
	WY21W: '7440',
	WY5W: '194',
	W5W: '74',
	W16W: '906',
	R5W: '67',
	T4W: '1895'
};

export const usNumber: DocumentError = {
	id: 'us-number',
	why: 'It names a US number for a UN lamp; pins, colour or length differ. Read what is stamped on the base.',
	make: (paper, chance) =>
		paper.market === 'UN' ? otherCategory(paper, chance, ({ category }) => NUMBERS[category ?? ''] ?? null) : null
};
