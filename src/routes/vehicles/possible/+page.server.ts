import { showAcross } from '$lib/server/services/across';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const MAX_VEHICLES = 6;

export const load: PageServerLoad = async ({ url }) => ({
	across: await showAcross(await database(), url.searchParams.getAll('c').slice(0, MAX_VEHICLES))
});
