import { coverAsked } from '$lib/server/cover-asked';
import { placesAsked } from '$lib/server/places-asked';
import { pageFrom } from '$lib/server/page-of';
import { cover } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const EACH = 100;

export const load: PageServerLoad = async ({ url, parent }) => {
	const { standing } = await parent();
	const { from } = pageFrom(url, EACH);
	const wish = placesAsked(url, { from, most: EACH });
	return {
		wish,
		each: EACH,
		places: standing.finishedAt === null ? null : await cover.ask('places', coverAsked(url), wish)
	};
};
