import { error } from '@sveltejs/kit';
import { dataFolder } from '$lib/server/config';
import { inThread } from '$lib/server/workers/heavy';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const circuit = await inThread(dataFolder(), { what: 'circuit', asked: [params.id] });
	if (!circuit) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return { circuit };
};
