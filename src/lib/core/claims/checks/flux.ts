import { DOUBTFUL_EFFICACY, deratedFlux } from '../../optics';
import type { ClaimCheck } from '../claim';

/** Above this a finished lamp's claim is not credible, lm/W. */
export const CREDIBLE_EFFICACY = 150;

/** Luminous flux against the power the lamp draws: finished retrofits give 60 to 100 lm/W. */
export const fluxClaim: ClaimCheck = (product) => {
	const { claimed, per, measured } = product.flux ?? {};
	if (claimed == null) return null;
	const text = `${claimed} lm${per ? ` per ${per}` : ''}`;
	const derated = deratedFlux(product);
	const instead =
		derated && derated.lumens !== claimed ? `${Math.round(derated.lumens)} lm per lamp (${derated.basis})` : '';
	if (measured != null)
		return {
			claim: 'flux',
			level: 'plausible',
			claimed: text,
			derated: instead,
			why: 'A measured value is on record.'
		};
	const watts = product.power?.at13v5;
	if (!watts)
		return {
			claim: 'flux',
			level: 'doubtful',
			claimed: text,
			derated: instead,
			why: 'The power is not known, so the claim cannot be checked.'
		};
	const efficacy = (per === 'pair' ? claimed / 2 : claimed) / watts;
	const why = `${efficacy.toFixed(0)} lm/W; a finished lamp gives 60 to ${DOUBTFUL_EFFICACY}.`;
	const level = efficacy > CREDIBLE_EFFICACY ? 'not-credible' : efficacy > DOUBTFUL_EFFICACY ? 'doubtful' : 'plausible';
	return { claim: 'flux', level, claimed: text, derated: instead, why };
};
