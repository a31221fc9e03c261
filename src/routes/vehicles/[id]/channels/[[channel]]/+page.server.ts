import { error } from '@sveltejs/kit';
import { channelsView } from '$lib/core/views';
import { findConfiguration } from '$lib/server/repositories/configurations';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const configuration = await findConfiguration(await database(), params.id);
	if (!configuration) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	const shown = channelsView(configuration);
	if (params.channel !== undefined && !shown.channels.some(({ channel }) => channel.id === params.channel))
		error(404, { message: `This vehicle has no channel “${params.channel}”.` });
	return { shown, chosen: params.channel ?? null };
};
