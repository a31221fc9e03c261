import { isBeam, categoryOrNull } from '../../lamps';
import { impossible, type Check } from './check';

/** A beam comes from a lamp with a flange; festoons and small wedges light signs and cabins. */
export const festoonHeadlamp: Check = ({ functions, facts }) => {
	const category = categoryOrNull(facts.category as string | undefined);
	const beam = functions.find((id) => isBeam([id]));
	if (!category || !beam) return null;
	const small = category.mount === 'festoon' || (category.mount === 'wedge' && (category.watts ?? 0) < 10);
	return small
		? impossible(
				`${category.category} is a ${category.mount} lamp and does not make a ${beam.replaceAll('-', ' ')}. Read the lamp again.`
			)
		: null;
};
