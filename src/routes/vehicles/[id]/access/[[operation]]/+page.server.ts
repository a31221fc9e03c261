import { error } from '@sveltejs/kit';
import { accessOffers, accessGraph, planAccess } from '$lib/core/access';
import { accessView, wayView } from '$lib/core/views';
import { vehicleName } from '$lib/core/vehicle';
import { findConfiguration, nearConfigurations } from '$lib/server/repositories/configurations';
import { database } from '$lib/server/shop';
import { highsSolver } from '$lib/server/solver/highs';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const db = await database();
	const configuration = await findConfiguration(db, params.id);
	if (!configuration) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	const { operation } = params;
	if (operation !== undefined && !configuration.access?.operations.some(({ id }) => id === operation))
		error(404, { message: `The way in of this vehicle has no operation “${operation}”.` });
	const to = url.searchParams.get('to');
	const plan = to ? await planAccess(accessGraph(configuration), [{ id: to }], highsSolver) : null;
	const view = accessView(
		configuration,
		plan?.operations.map(({ id }) => id)
	);
	const sisters = [];
	for (const { id } of await nearConfigurations(db, configuration)) {
		const sister = await findConfiguration(db, id);
		if (sister?.make !== configuration.make || sister.model !== configuration.model) continue;
		const offered = accessOffers(configuration, sister);
		if (offered.length > 0)
			sisters.push({ id: id as string, name: vehicleName(sister), operations: offered.map((one) => one.id) });
	}
	return {
		view,
		chosen: operation ?? null,
		way: to && plan && view.places.some(({ id }) => id === to) ? wayView(configuration, to, plan) : null,
		context: { sockets: configuration.sockets, channels: configuration.channels, access: configuration.access },
		sisters
	};
};
