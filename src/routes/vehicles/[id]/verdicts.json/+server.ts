import { error, json } from '@sveltejs/kit';
import { dataFolder } from '$lib/server/config';
import { inThread } from '$lib/server/workers/heavy';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
	const verdicts = await inThread(dataFolder(), { what: 'verdicts', asked: [params.id] });
	if (!verdicts) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return json(verdicts);
};
