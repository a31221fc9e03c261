import { json } from '@sveltejs/kit';
import { log } from '$lib/server/log';
import { cover } from '$lib/server/shop';
import type { RequestHandler } from './$types';

/** Where the run stands. */
export const GET: RequestHandler = () => json(cover.state());

/** Begins a run. */
export const POST: RequestHandler = () => {
	cover.begin().catch((error: unknown) => log.warn({ err: error }, 'the cover could not be begun'));
	return json(cover.state());
};

/** Stops it. */
export const DELETE: RequestHandler = async () => {
	await cover.cancel();
	return json(null);
};
