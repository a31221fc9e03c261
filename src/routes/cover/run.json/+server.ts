import { json } from '@sveltejs/kit';
import { cover } from '$lib/server/shop';
import type { RequestHandler } from './$types';

/** Where the run stands. */
export const GET: RequestHandler = () => json(cover.state());

/** Begins a run. */
export const POST: RequestHandler = () => {
	void cover.begin();
	return json(cover.state());
};

/** Stops it. */
export const DELETE: RequestHandler = async () => {
	await cover.cancel();
	return json(null);
};
