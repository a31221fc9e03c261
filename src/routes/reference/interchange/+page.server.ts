import { INTERCHANGES, interchangeProblems, LAMP_CATEGORIES } from '$lib/core/lamps';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({
	categories: LAMP_CATEGORIES,
	interchanges: INTERCHANGES,
	troubles: interchangeProblems(INTERCHANGES)
});
