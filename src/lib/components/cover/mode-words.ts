import type { ProductMode } from '$lib/core/model';

/** What a mode of a lamp is called. */
export const MODE_WORDS: Record<ProductMode, string> = {
	single: 'one brightness',
	dual: 'two brightnesses',
	'switchback-a': 'switchback, white off while turning',
	'switchback-b': 'switchback, white and amber in turn'
};
