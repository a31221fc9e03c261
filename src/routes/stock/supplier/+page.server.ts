import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { actorHere } from '$lib/server/actor';
import { askSupplier, shopSupplier, supplierMessage, supplierState } from '$lib/server/services/supplier';
import { ASK_EVERY_HOURS, askEvery, setAskEvery } from '$lib/server/services/supplier-timer';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

const now = () => new Date();

export const load: PageServerLoad = async () => {
	const db = await database();
	return { state: await supplierState(db, await shopSupplier(db, now)), every: await askEvery(db) };
};

export const actions: Actions = {
	every: async ({ request }) => {
		const hours = Number((await request.formData()).get('hours'));
		const every = ASK_EVERY_HOURS.find((one) => one === hours) ?? 0;
		return orDatabaseFailure(async () => {
			await setAskEvery(await database(), every);
			return { set: true };
		});
	},
	ask: async () =>
		orDatabaseFailure(async () => {
			const db = await database();
			const state = await askSupplier(db, await shopSupplier(db, now), actorHere());
			return { done: supplierMessage(state), trouble: state.trouble !== null };
		})
};
