import { error } from '@sveltejs/kit';
import { dataFolder } from '$lib/server/config';
import { inThread } from '$lib/server/workers/heavy';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params, url }) => {
	const kit = url.searchParams.get('kit') ?? undefined;
	const prove = await inThread(dataFolder(), { what: 'prove', asked: [params.id, kit] });
	if (!prove) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return { prove };
};
