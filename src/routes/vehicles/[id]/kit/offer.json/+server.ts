import { error, json } from '@sveltejs/kit';
import { KIT_SCOPES } from '$lib/core/model';
import { offerFor } from '$lib/server/services/kits';
import { kitContext } from '$lib/server/shop';
import type { RequestHandler } from './$types';

/** What kit the shop offers for the vehicle. */
export const GET: RequestHandler = async ({ params, url }) => {
	const scope = KIT_SCOPES.find((s) => s === url.searchParams.get('scope')) ?? 'vehicle';
	const offer = await offerFor(await kitContext(), params.id, { scope });
	if (!offer) error(404, { message: `There is no vehicle “${params.id}”.` });
	return json(offer);
};
