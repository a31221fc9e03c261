import { pageFrom } from '$lib/server/page-of';
import { KITS_A_PAGE, kitRows } from '$lib/server/services/kits';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const { typed, from } = pageFrom(url, KITS_A_PAGE);
	const { rows, total } = await kitRows(await database(), { typed, from });
	return { kits: rows, typed, from, total, each: KITS_A_PAGE };
};
