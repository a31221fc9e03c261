import type { ClaimCheck } from '../claim';

/** A figure for a pair is half as much a lamp; one that does not say is read for one lamp and doubted. */
export const fluxPerClaim: ClaimCheck = ({ flux }) => {
	if (flux?.claimed == null || flux.per === 'lamp') return null;
	return flux.per === 'pair'
		? {
				claim: 'flux-per',
				level: 'doubtful',
				claimed: `${flux.claimed} lm per pair`,
				derated: `${flux.claimed / 2} lm per lamp`,
				why: 'The figure is for two lamps together.'
			}
		: {
				claim: 'flux-per',
				level: 'doubtful',
				claimed: `${flux.claimed} lm`,
				derated: '',
				why: 'It does not say whether for one lamp or for a pair.'
			};
};
