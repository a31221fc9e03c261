import type { CheckRule } from '../rule';
import { lightRule } from '../light-rule';

/** Under the cut-off, where one sees by it, there is at least as much light as before. */
export const belowRule: CheckRule = {
	id: 'below',
	label: 'Light under the cut-off',
	asks: 'with-cut-off',
	judge: lightRule('below', 'proof.below', 'at-least')
};
