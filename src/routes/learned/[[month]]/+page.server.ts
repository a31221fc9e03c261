import { error } from '@sveltejs/kit';
import { learnedIn, nextMonth } from '$lib/server/services/learned';
import { database } from '$lib/server/shop';
import { shopDay } from '$lib/server/shop-time';
import type { PageServerLoad } from './$types';

const MONTH = /^\d{4}-(0[1-9]|1[0-2])$/;

export const load: PageServerLoad = async ({ params }) => {
	const now = shopDay(new Date().toISOString()).slice(0, 7);
	const month = params.month ?? now;
	if (!MONTH.test(month)) error(404, { message: `“${month}” is no month: write it as 2026-11.` });
	return {
		learned: await learnedIn(await database(), month),
		before: nextMonth(month, -1),
		after: month < now ? nextMonth(month) : null
	};
};
