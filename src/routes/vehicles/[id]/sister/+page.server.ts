import { error } from '@sveltejs/kit';
import { vehicleName } from '$lib/core/vehicle';
import { factOf, factText } from '$lib/core/model';
import { sisterOffers } from '$lib/core/walk';
import { findConfiguration, listConfigurations } from '$lib/server/repositories/configurations';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const MAX_SISTERS = 60;

export const load: PageServerLoad = async ({ params, url }) => {
	const db = await database();
	const ours = await findConfiguration(db, params.id);
	if (!ours) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	const from = url.searchParams.get('from');
	const sister = from ? await findConfiguration(db, from) : null;
	const near = (c: { make: string; model: string; kind: string }) =>
		(c.make === ours.make ? 2 : 0) + (c.model === ours.model ? 2 : 0) + (c.kind === ours.kind ? 1 : 0);
	const others = (await listConfigurations(db))
		.filter((c) => c.id !== ours.id)
		.sort((a, b) => near(b) - near(a))
		.slice(0, MAX_SISTERS)
		.map((c) => ({ id: c.id as string, name: vehicleName(c) }));
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
