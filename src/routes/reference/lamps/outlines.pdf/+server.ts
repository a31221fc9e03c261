import { lampsLike } from '$lib/core/lamps';
import { seenIn } from '$lib/core/views/lamp-seen';
import { outlinesSheet } from '$lib/server/documents/pdf/outlines';
import { paperOf } from '$lib/server/documents/papers';
import type { RequestHandler } from './$types';

/** Lamps on a sheet at most. */
const MOST = 24;

/** The lamps that may be meant, in true size. */
export const GET: RequestHandler = async ({ url }) => {
	const categories = lampsLike(seenIn(url.searchParams)).map(({ category }) => category);
	const file = await outlinesSheet(categories.slice(0, MOST), paperOf(url));
	return new Response(new Uint8Array(file), {
		headers: { 'content-type': 'application/pdf', 'content-disposition': 'inline; filename="lamps-in-true-size.pdf"' }
	});
};
