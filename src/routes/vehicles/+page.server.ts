import { redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { pageFrom } from '$lib/server/page-of';
import { showVehicles } from '$lib/server/services/vehicle';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const EACH = 30;

export const load: PageServerLoad = async ({ url }) => {
	const { typed, from } = pageFrom(url, EACH);
	// A search that was sent from here goes on in Identify, where what is seen narrows it down.
	if (typed) redirect(307, `${resolve('/vehicles/identify')}?q=${encodeURIComponent(typed)}`);
	const { vehicles, total } = await showVehicles(await database(), { from, most: EACH });
	return { vehicles, total, from, each: EACH };
};
