import type { LostReason, ReturnReason, SaleState } from '$lib/core/sale';

/** What a state is called. */
export const STATE_WORDS: Record<SaleState, string> = {
	quoted: 'quoted',
	ordered: 'ordered',
	picked: 'picked, waits for the customer',
	'handed-over': 'handed over',
	returned: 'returned',
	lost: 'lost'
};

/** Why a quote was not taken. */
export const LOST_WORDS: Record<LostReason, string> = {
	price: 'too dear',
	'not-in-stock': 'not in stock',
	'socket-open': 'not every lamp could be offered',
	elsewhere: 'bought elsewhere',
	'no-answer': 'never answered',
	other: 'something else'
};

/** Why something came back. */
export const RETURN_WORDS: Record<ReturnReason, string> = {
	'does-not-fit': 'does not fit',
	fault: 'does not work, or died',
	warning: 'message on the dash, fast flashing, flicker',
	colour: 'wrong colour or too dark',
	'not-wanted': 'not wanted after all',
	other: 'something else'
};
