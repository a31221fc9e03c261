import { dataFolder } from '$lib/server/config';
import { inThread } from '$lib/server/workers/heavy';
import type { PageServerLoad } from './$types';

const MAX_VEHICLES = 6;

export const load: PageServerLoad = async ({ url }) => ({
	across: await inThread(dataFolder(), {
		what: 'across',
		asked: [url.searchParams.getAll('c').slice(0, MAX_VEHICLES)]
	})
});
