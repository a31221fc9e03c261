import { categoryOrNull } from '../../lamps';
import { doubt, type Check } from './check';

/** A headlamp lamp in a front position place is the beam itself: the position lamp is the small one beside it in the bowl. */
export const beamLampElsewhere: Check = ({ functions, facts }) => {
	const category = categoryOrNull(facts.category as string | undefined);
	if (!category || !functions.includes('front-position') || functions.length > 1) return null;
	return category.mount === 'flange' && (category.watts ?? 0) > 30
		? doubt(
				`${category.category} is the beam itself. A front position lamp is the small one in the same bowl, often W5W or T4W.`
			)
		: null;
};
