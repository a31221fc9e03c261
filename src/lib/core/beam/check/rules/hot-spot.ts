import type { CheckRule } from '../rule';
import { lightRule } from '../light-rule';

/** A high beam of its own is as strong at its brightest as before. */
export const hotSpotRule: CheckRule = {
	id: 'hot-spot',
	label: 'Light at the hot spot',
	asks: 'without-cut-off',
	judge: lightRule('hot-spot', 'proof.below', 'at-least')
};
