import { error, json } from '@sveltejs/kit';
import { imports } from '$lib/server/shop';
import type { RequestHandler } from './$types';

/** How far an import is. */
export const GET: RequestHandler = async ({ params }) => {
	const job = await imports.find(params.job);
	if (!job) error(404, { message: 'This import is not known any more.' });
	return json({ progress: job.progress, done: job.outcome !== null });
};
