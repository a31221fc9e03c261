import { json } from '@sveltejs/kit';
import { dataFolder } from '$lib/server/config';
import { cancelCoverRun, coverRun, startCoverRun } from '$lib/server/workers/cover';
import type { RequestHandler } from './$types';

/** Where the run stands. */
export const GET: RequestHandler = () => json(coverRun(dataFolder()));

/** Begins a run. */
export const POST: RequestHandler = () => {
	void startCoverRun(dataFolder());
	return json(coverRun(dataFolder()));
};

/** Stops it. */
export const DELETE: RequestHandler = () => {
	cancelCoverRun(dataFolder());
	return json(null);
};
