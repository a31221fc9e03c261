import { decimal } from '../../../quantity';
import { aim } from '../../aim/drop';
import { readAim, type AimReading } from '../../aim/read-aim';
import type { BeamEvidence, CheckRule } from '../rule';

function reading({ aim: found }: BeamEvidence): { reading: AimReading; range: string } | string {
	if (!found) return 'not aimed yet';
	const { rule, height, distance, stamped, drop } = found;
	// The side of traffic mirrors the marks and moves none of them up or down.
	const where = aim({ rule, height, distance, stamped, traffic: 'right' });
	if (!where.ok) return where.error;
	const { percent } = where.value;
	return {
		reading: readAim(where.value, drop, distance),
		range: `${decimal(percent.least, 2)} to ${decimal(percent.most, 2)} % down, ${where.value.rule.label}`
	};
}

/** True when the cut-off was measured and stands inside its rule. */
export function isAimRight(evidence: BeamEvidence): boolean {
	const found = reading(evidence);
	return typeof found !== 'string' && found.reading.isWithin;
}

/** The aim stands inside its rule. */
export const aimWithinRule: CheckRule = {
	id: 'aim',
	label: 'Aim within its rule',
	asks: 'every-lamp',
	judge: (evidence) => {
		const found = reading(evidence);
		return typeof found === 'string'
			? { isMet: null, measured: found, required: 'inside the range of its rule' }
			: { isMet: found.reading.isWithin, measured: found.reading.words, required: found.range };
	}
};
