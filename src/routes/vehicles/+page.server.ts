import { redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { showVehicles } from '$lib/server/services/vehicle';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const MAX_VEHICLES = 60;

export const load: PageServerLoad = async ({ url }) => {
	const line = url.searchParams.get('q');
	// A search that was sent from here goes on in Identify, where what is seen narrows it down.
	if (line) redirect(307, `${resolve('/vehicles/identify')}?q=${encodeURIComponent(line)}`);
	const { vehicles, total } = await showVehicles(await database(), MAX_VEHICLES);
	return { vehicles, total };
};
