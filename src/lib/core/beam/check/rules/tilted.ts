import { assumedValue, decimal } from '../../../quantity';
import type { CheckRule } from '../rule';

/** The cut-off does not lean. One that is lost counts as leaning. */
export const tiltedRule: CheckRule = {
	id: 'tilted',
	label: 'Cut-off not tilted',
	asks: 'with-cut-off',
	judge: ({ pictures }, assumed) => {
		const limit = assumedValue(assumed, 'proof.tilt');
		const required = `at most ${decimal(limit)}° from before`;
		if (!pictures?.comparable) return { isMet: null, measured: 'not measured', required };
		if (pictures.tilt === null) return { isMet: false, measured: 'no cut-off was found', required };
		return { isMet: Math.abs(pictures.tilt) <= limit, measured: `${decimal(pictures.tilt, 1)}°`, required };
	}
};
