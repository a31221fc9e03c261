import { error } from '@sveltejs/kit';
import { download } from '$lib/server/download';
import { exportKit } from '$lib/server/services/exchange';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
	const document = await exportKit(await database(), params.kit);
	if (!document) error(404, { message: `There is no kit “${params.kit}”.` });
	return download(`${JSON.stringify(document, null, 2)}\n`, `kit-${params.kit}.json`, 'application/json');
};
