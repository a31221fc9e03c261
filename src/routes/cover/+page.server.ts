import { coverAsked } from '$lib/server/cover-asked';
import { fleetAsked } from '$lib/server/fleet-asked';
import { cover } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url, parent }) => {
	const { standing } = await parent();
	if (standing.finishedAt === null) return { overview: null, fleet: null, wish: fleetAsked(url) };
	const asked = coverAsked(url);
	const wish = fleetAsked(url);
	return {
		overview: await cover.ask('overview', asked),
		fleet: await cover.ask('fleet', asked, wish),
		wish
	};
};
