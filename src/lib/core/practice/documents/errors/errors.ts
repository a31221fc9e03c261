import { amberGlass } from './amber-glass';
import { cornerLamp } from './corner-lamp';
import type { DocumentError } from './error';
import { facelift } from './facelift';
import { missingOption } from './missing-option';
import { oneCircuit } from './one-circuit';
import { usNumber } from './us-number';

/** What papers get wrong. A new error is one file and one entry here. */
export const DOCUMENT_ERRORS: readonly DocumentError[] = [
	facelift,
	usNumber,
	cornerLamp,
	oneCircuit,
	amberGlass,
	missingOption
];
