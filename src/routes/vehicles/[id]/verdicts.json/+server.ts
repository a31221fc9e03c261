import { error, json } from '@sveltejs/kit';
import { dataFolder } from '$lib/server/config';
import { verdictsOf } from '$lib/server/services/verdicts';
import { database } from '$lib/server/shop';
import { inThread } from '$lib/server/workers/heavy';
import type { RequestHandler } from './$types';

/** The verdicts on the wheel of a vehicle: asked for once its page stands. */
export const GET: RequestHandler = async ({ params }) => {
	const elsewhere = () => inThread(dataFolder(), { what: 'sockets', asked: [params.id] });
	const verdicts = await verdictsOf(await database(), params.id, elsewhere);
	if (!verdicts) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return json(verdicts);
};
