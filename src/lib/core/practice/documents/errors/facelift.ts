import type { DocumentError } from './error';
import { otherCategory } from './twins';

/** Lamps of the same place before and after a facelift. */
const BEFORE: Readonly<Record<string, string>> = {
	'P21/5W': 'W21/5W',
	'W21/5W': 'P21/5W',
	P21W: 'W21W',
	W21W: 'P21W',
	PY21W: 'WY21W',
	WY21W: 'PY21W',
	H7: 'H1',
	H1: 'H7',
	H11: 'H7',
	H8: 'H11',
	'1156': '7440',
	'7440': '3156',
	'3156': '1156',
	'1157': '7443',
	'7443': '3157',
	'3157': '1157',
	W16W: 'P21W',
	'921': '1156',
	C5W: 'W5W',
	HB4: 'H11'
};

export const facelift: DocumentError = {
	id: 'facelift',
	why: 'It goes by the lamps before the facelift. Take the lamp out and read its base.',
	make: (paper, chance) => otherCategory(paper, chance, ({ category }) => BEFORE[category ?? ''] ?? null)
};
