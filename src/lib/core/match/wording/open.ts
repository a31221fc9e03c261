import type { OpenReason } from '../candidates/match';

/** Why nothing can be matched in a place. */
export const OPEN_WORDS: Record<OpenReason, string> = {
	'factory-led': 'factory LED, nothing to replace',
	sealed: 'sealed unit, no lamp to replace',
	'category-unknown': 'lamp category not known: read it from the lamp that came out',
	'category-withdrawn':
		'the lamp category on record is not in the table: withdrawn, misspelt, or the name of several lamps; read it from the lamp that came out'
};
