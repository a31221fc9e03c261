import { isFlashRate } from '../symptoms/monitor';
import type { RemedyOffer } from '../remedy';

/** What is no part: coding the output, where the vehicle allows it. */
export const coding: RemedyOffer = ({ kind }, { circuit: { configuration } }) =>
	kind === 'message' || (isFlashRate(kind) && configuration.flasher?.kind === 'body-computer')
		? {
				kind: 'coding',
				label: 'Coding the body computer',
				why: 'only where the maker supports it, in a workshop with the maker’s tool; a note, not a part'
			}
		: null;

/** A message can be an old fault. */
export const cleaning: RemedyOffer = ({ kind }) =>
	kind === 'message' || kind === 'glow'
		? {
				kind: 'clean',
				label: 'Clean contacts and earth first',
				why: 'an old fault looks the same; it costs nothing and comes before any part'
			}
		: null;
