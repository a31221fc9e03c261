import { compareVehicles } from '$lib/server/services/identify';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const MAX_VEHICLES = 6;

export const load: PageServerLoad = async ({ url }) =>
	compareVehicles(await database(), url.searchParams.getAll('c').slice(0, MAX_VEHICLES));
