import { configurationNames } from '$lib/server/repositories/configurations';
import { listFittings } from '$lib/server/repositories/fittings';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

/** Fittings shown. */
const MOST = 100;

export const load: PageServerLoad = async () => {
	const db = await database();
	const fittings = await listFittings(db, MOST);
	const names = await configurationNames(db, [...new Set(fittings.map((fitting) => fitting.configurationId))]);
	return {
		fittings: fittings.map((fitting) => ({
			...fitting,
			vehicle: names.get(fitting.configurationId) ?? fitting.configurationId
		}))
	};
};
