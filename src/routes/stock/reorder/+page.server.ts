import { seenFrom, WHOLE_CHAIN } from '$lib/server/db/branch';
import { LOOK_BACK_DAYS, whatToOrder } from '$lib/server/services/reorder';
import { database } from '$lib/server/shop';
import { shopDay } from '$lib/server/shop-time';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const isWhole = url.searchParams.get('shelves') === 'chain';
	const db = await database();
	return {
		days: LOOK_BACK_DAYS,
		isWhole,
		rows: await whatToOrder(isWhole ? seenFrom(db, WHOLE_CHAIN) : db, shopDay(new Date().toISOString()))
	};
};
