import { FACTS } from '../../model';
import { doubt, type Check } from './check';

/** A measure far from what sockets have is a slip of the fingers more often than not: room that is not there would let a lamp fit that does not. */
export const unusualMeasure: Check = ({ facts }) => {
	const odd = Object.entries(facts).flatMap(([path, value]) => {
		const { usual, label, unit = '' } = FACTS.socket[path] ?? {};
		if (!usual || typeof value !== 'number' || (value >= usual[0] && value <= usual[1])) return [];
		return [`${label} ${value} ${unit}, usually ${usual[0]} to ${usual[1]}`];
	});
	return odd.length === 0 ? null : doubt(`${odd.join('; ')}. Read the measure again.`);
};
