/** What candidates may be ordered by. */
export const CANDIDATE_ORDERS = [
	'verdict',
	'product',
	'score',
	'colour',
	'share',
	'mired',
	'watts',
	'price',
	'stock'
] as const;

export type CandidateOrder = (typeof CANDIDATE_ORDERS)[number];
