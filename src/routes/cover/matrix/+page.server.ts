import { coverAsked } from '$lib/server/cover-asked';
import { dataFolder } from '$lib/server/config';
import { askCover } from '$lib/server/workers/cover';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url, parent }) => {
	const { standing } = await parent();
	return {
		matrix: standing.finishedAt === null ? null : await askCover(dataFolder(), 'matrix', coverAsked(url))
	};
};
