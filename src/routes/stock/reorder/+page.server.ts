import { LOOK_BACK_DAYS, whatToOrder } from '$lib/server/services/reorder';
import { database } from '$lib/server/shop';
import { shopDay } from '$lib/server/shop-time';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({
	days: LOOK_BACK_DAYS,
	rows: await whatToOrder(await database(), shopDay(new Date().toISOString()))
});
