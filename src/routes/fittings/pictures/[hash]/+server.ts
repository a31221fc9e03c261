import { error } from '@sveltejs/kit';
import { findPicture } from '$lib/server/repositories/fittings';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

/** A picture by the hash of its bytes: what it shows never changes. */
export const GET: RequestHandler = async ({ params }) => {
	const picture = await findPicture(await database(), params.hash);
	if (!picture) error(404, { message: 'There is no such picture.' });
	return new Response(new Uint8Array(picture.bytes), {
		headers: { 'content-type': picture.type, 'cache-control': 'private, max-age=31536000, immutable' }
	});
};
