import type { CapState } from '$lib/core/heat';

/** What closes the back of a lamp, at the head of a sentence. */
export const CAP_WORDS: Record<CapState, string> = {
	open: 'No cap closes the back',
	ported: 'With a ported cap',
	extended: 'With an extended cap',
	sealed: 'Under the closed stock cap'
};
