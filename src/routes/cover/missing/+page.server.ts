import { fail } from '@sveltejs/kit';
import { LAMP_CATEGORIES } from '$lib/core/lamps';
import { readTryOut } from '$lib/server/try-out-input';
import { coverAsked } from '$lib/server/cover-asked';
import { cover } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url, parent }) => {
	const { standing } = await parent();
	return {
		categories: LAMP_CATEGORIES.map(({ category }) => category),
		missing: standing.finishedAt === null ? null : await cover.ask('missing', coverAsked(url))
	};
};

export const actions: Actions = {
	/** A look at what a product would bring; nothing is changed by it. */
	try: async ({ request, url }) => {
		const form = await request.formData();
		const read = readTryOut(form);
		const typed = Object.fromEntries([...form].map(([name, value]) => [name, String(value)]));
		if (!read.ok) return fail(400, { refused: read.error, typed });
		return { tried: await cover.ask('tryOut', coverAsked(url), [read.value]), typed };
	}
};
