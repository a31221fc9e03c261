import { showVehicles } from '$lib/server/services/vehicle';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ vehicles: await showVehicles(await database()) });
