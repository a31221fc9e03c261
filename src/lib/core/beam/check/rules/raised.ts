import { assumedValue, decimal } from '../../../quantity';
import type { CheckRule } from '../rule';
import { isAimRight } from './aim';

/** The cut-off does not stand higher than before; where it did, and was aimed since, its aim decides. */
export const raisedRule: CheckRule = {
	id: 'raised',
	label: 'Cut-off not raised',
	asks: 'with-cut-off',
	judge: (evidence, assumed) => {
		const limit = assumedValue(assumed, 'proof.rise');
		const required = `at most ${decimal(limit, 2)} % of the distance higher, or aimed by its rule since`;
		const rise = evidence.pictures?.comparable ? evidence.pictures.rise : null;
		const aimed = isAimRight(evidence);
		if (rise === null)
			return { isMet: aimed || null, measured: aimed ? 'aimed by its rule' : 'not measured', required };
		const measured =
			Math.abs(rise) < 0.005 ? 'no higher' : `${decimal(Math.abs(rise), 2)} % ${rise > 0 ? 'higher' : 'lower'}`;
		if (rise <= limit) return { isMet: true, measured, required };
		return { isMet: aimed, measured: aimed ? `${measured}, aimed since` : measured, required };
	}
};
