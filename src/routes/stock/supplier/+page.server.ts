import { orTrouble } from '$lib/server/or-trouble';
import { workerOf } from '$lib/server/person';
import { askSupplier, shopSupplier, supplierSays, supplierStanding } from '$lib/server/services/supplier';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

const now = () => new Date();

export const load: PageServerLoad = async () => {
	const db = await database();
	return { standing: await supplierStanding(db, await shopSupplier(db, now)) };
};

export const actions: Actions = {
	ask: async ({ cookies }) =>
		orTrouble(async () => {
			const db = await database();
			const standing = await askSupplier(db, await shopSupplier(db, now), workerOf(cookies));
			return { said: supplierSays(standing), trouble: standing.trouble !== null };
		})
};
