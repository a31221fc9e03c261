import { usualSides } from '../usual-place';
import { impossible, type Check } from './check';

/**
 * What is not there has no lamp, lens or optic: the “no” of a line that describes one is about something else. A place is noted as not fitted
 * for the whole vehicle, so a line about one of its sides is no such note.
 */
export const notFitted: Check = ({ absent, functions, sides, facts, said, count }, { kind }) => {
	if (!absent) return null;
	if (Object.keys(facts).length > 0 || count !== null || (said?.caps.length ?? 0) > 0)
		return impossible('The line says that there is no lamp, and describes one. Say which.');
	return usualSides(functions, kind).every((side) => sides.includes(side))
		? null
		: impossible(
				'“No” stands for the whole vehicle: where one side has a lamp, list that one and leave the other out.'
			);
};
