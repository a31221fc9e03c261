import { categoryOrNull } from '../../lamps';
import { impossible, type Check } from './check';

/** Functions that share one filament because they are never told apart by brightness. */
const SHARED = [
	['stop', 'chmsl'],
	['dome', 'map'],
	['tail', 'licence-plate'],
	['tail', 'side-marker'],
	['front-position', 'side-marker']
];

/** Two functions that need two brightnesses need a lamp with two filaments. */
export const oneFilament: Check = ({ functions, facts }) => {
	const category = categoryOrNull(facts.category as string | undefined);
	if (functions.length < 2 || category?.filaments !== 1) return null;
	if (SHARED.some((pair) => functions.every((id) => pair.includes(id)))) return null;
	return impossible(
		`${category.category} has one filament and cannot serve ${functions.join(' and ').replaceAll('-', ' ')} apart. Look at the contacts: two of them mean a two-filament lamp.`
	);
};
