import { error, json } from '@sveltejs/kit';
import { verdictsOf } from '$lib/server/services/verdicts';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
	const verdicts = await verdictsOf(await database(), params.id);
	if (!verdicts) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return json(verdicts);
};
