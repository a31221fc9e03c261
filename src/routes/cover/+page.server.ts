import { coverAsked } from '$lib/server/cover-asked';
import { fleetAsked } from '$lib/server/fleet-asked';
import { dataFolder } from '$lib/server/config';
import { askCover } from '$lib/server/workers/cover';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url, parent }) => {
	const { standing } = await parent();
	if (standing.finishedAt === null) return { overview: null, fleet: null, wish: fleetAsked(url) };
	const asked = coverAsked(url);
	const wish = fleetAsked(url);
	return {
		overview: await askCover(dataFolder(), 'overview', asked),
		fleet: await askCover(dataFolder(), 'fleet', asked, wish),
		wish
	};
};
