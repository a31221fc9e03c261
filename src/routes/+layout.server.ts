import { briefly } from '$lib/server/briefly';
import { readCurrency } from '$lib/server/services/policy';
import { timeZone } from '$lib/server/shop-time';
import { personHere } from '$lib/server/actor';
import { database } from '$lib/server/shop';
import type { LayoutServerLoad } from './$types';

const currencyOf = briefly(readCurrency);

export const load: LayoutServerLoad = async ({ locals }) => {
	const db = await database();
	return {
		currency: await currencyOf(db),
		timeZone: timeZone(),
		person: personHere(),
		role: locals.person?.role ?? null,
		guarded: locals.guarded,
		demo: locals.demo
	};
};
