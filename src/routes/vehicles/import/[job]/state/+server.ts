import { error, json } from '@sveltejs/kit';
import { findImport } from '$lib/server/workers/imports';
import type { RequestHandler } from './$types';

/** How far an import is. */
export const GET: RequestHandler = ({ params }) => {
	const job = findImport(params.job);
	if (!job) error(404, { message: 'This import is not known any more.' });
	return json({ progress: job.progress, done: job.outcome !== null });
};
