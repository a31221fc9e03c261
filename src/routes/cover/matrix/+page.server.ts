import { coverAsked } from '$lib/server/cover-asked';
import { cover } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url, parent }) => {
	const { standing } = await parent();
	return {
		matrix: standing.finishedAt === null ? null : await cover.ask('matrix', coverAsked(url))
	};
};
