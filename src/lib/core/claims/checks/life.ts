import type { ClaimCheck } from '../claim';

/** Longest life that is believed of a finished lamp, h. */
export const CREDIBLE_LIFE_H = 50_000;

/** Life claims come from the bare chip, not from a lamp in a closed housing. */
export const lifeClaim: ClaimCheck = ({ life }) => {
	if (life === undefined) return null;
	const doubtful = life > CREDIBLE_LIFE_H;
	return {
		claim: 'life',
		level: doubtful ? 'doubtful' : 'plausible',
		claimed: `${life} h`,
		derated: doubtful ? `${CREDIBLE_LIFE_H} h at the most` : '',
		why: doubtful
			? 'More than a bare chip is rated for, and this is a lamp in a closed housing.'
			: 'Within what chips are rated for.'
	};
};
