import { error } from '@sveltejs/kit';
import { download } from '$lib/server/download';
import { exportVehicle } from '$lib/server/services/exchange';
import { database } from '$lib/server/shop';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params }) => {
	const document = await exportVehicle(await database(), params.id);
	if (!document) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return download(`${JSON.stringify(document, null, 2)}\n`, `${params.id}.json`, 'application/json');
};
