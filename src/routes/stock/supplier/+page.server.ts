import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { actorHere } from '$lib/server/actor';
import { askSupplier, shopSupplier, supplierMessage, supplierState } from '$lib/server/services/supplier';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

const now = () => new Date();

export const load: PageServerLoad = async () => {
	const db = await database();
	return { state: await supplierState(db, await shopSupplier(db, now)) };
};

export const actions: Actions = {
	ask: async () =>
		orDatabaseFailure(async () => {
			const db = await database();
			const state = await askSupplier(db, await shopSupplier(db, now), actorHere());
			return { done: supplierMessage(state), trouble: state.trouble !== null };
		})
};
