import { coverAsked } from '$lib/server/cover-asked';
import { cover } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const [FEWEST, USUAL, MOST] = [1, 20, 300];

export const load: PageServerLoad = async ({ url, parent }) => {
	const { standing } = await parent();
	const typed = Number(url.searchParams.get('k') ?? USUAL);
	const k = Number.isInteger(typed) ? Math.min(MOST, Math.max(FEWEST, typed)) : USUAL;
	if (standing.finishedAt === null) return { k, assortment: null, best: null, compared: null };
	const asked = coverAsked(url);
	const anywhere = await cover.ask('best', { ...asked, from: 'catalogue' }, k);
	const ids = anywhere.products.map(({ id }) => id);
	return {
		compared: await cover.ask('compared', asked, ['shelf', ids]),
		k,
		assortment: await cover.ask('assortment', asked),
		best: await cover.ask('best', asked, k)
	};
};
