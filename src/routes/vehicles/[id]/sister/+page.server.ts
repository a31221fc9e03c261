import { error } from '@sveltejs/kit';
import { vehicleName } from '$lib/core/vehicle';
import { factOf, factText } from '$lib/core/model';
import { sisterOffers } from '$lib/core/walk';
import { findConfiguration, nearConfigurations } from '$lib/server/repositories/configurations';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const db = await database();
	const ours = await findConfiguration(db, params.id);
	if (!ours) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	const from = url.searchParams.get('from');
	const sister = from ? await findConfiguration(db, from) : null;
	const others = (await nearConfigurations(db, ours)).map(({ id, name }) => ({ id, name }));
	const offers = sister ? sisterOffers(ours, sister) : [];
	return {
		others,
		sister: sister ? { id: sister.id as string, name: vehicleName(sister) } : null,
		offers: offers.map((offer) => ({
			...offer,
			facts: offer.facts.map(({ fact, ours: mine, theirs }) => {
				const definition = factOf('socket', fact);
				return { label: definition.label, ours: factText(definition, mine), theirs: factText(definition, theirs) };
			})
		}))
	};
};
