import { json } from '@sveltejs/kit';
import { findThings } from '$lib/server/services/find';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

const LONGEST_LINE = 80;

/** What on record answers to the line of the command bar. */
export const GET: RequestHandler = async ({ url }) => {
	const line = (url.searchParams.get('q') ?? '').slice(0, LONGEST_LINE);
	return json(await findThings(await database(), line, url.searchParams.get('vehicle') ?? undefined));
};
