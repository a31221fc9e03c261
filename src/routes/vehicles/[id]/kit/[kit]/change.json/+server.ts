import { json } from '@sveltejs/kit';
import { tryInKit } from '$lib/server/services/kits';
import { kitContext } from '$lib/server/shop';
import type { RequestHandler } from './$types';

/** What one other lamp would move in the kit, everything else left as it is. */
export const GET: RequestHandler = async ({ params, url }) => {
	const [socket, product] = [url.searchParams.get('socket') ?? '', url.searchParams.get('product') ?? ''];
	return json(await tryInKit(await kitContext(), params.kit, { socket, product }));
};
