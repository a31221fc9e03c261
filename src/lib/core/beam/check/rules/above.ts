import type { CheckRule } from '../rule';
import { lightRule } from '../light-rule';

/** Over the cut-off, in the eyes of others, there is hardly more than before. */
export const aboveRule: CheckRule = {
	id: 'above',
	label: 'Light over the cut-off',
	asks: 'with-cut-off',
	judge: lightRule('above', 'proof.above', 'at-most')
};
