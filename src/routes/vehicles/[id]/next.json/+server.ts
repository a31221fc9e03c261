import { error, json } from '@sveltejs/kit';
import { dataFolder } from '$lib/server/config';
import { inThread } from '$lib/server/workers/heavy';
import type { RequestHandler } from './$types';

/** What to find out next about a vehicle: asked for once its walk stands. */
export const GET: RequestHandler = async ({ params }) => {
	const next = await inThread(dataFolder(), { what: 'next', asked: [params.id] });
	if (!next) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return json(next);
};
