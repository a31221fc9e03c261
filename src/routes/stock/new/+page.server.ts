import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { stockForm, type Shelf } from '$lib/core/exchange';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { readCurrency } from '$lib/server/services/policy';
import { actorHere } from '$lib/server/actor';
import { saveAccessory, saveProduct } from '$lib/server/services/stock';
import { database } from '$lib/server/shop';
import { stockInput } from '$lib/server/stock-input';
import type { Actions, PageServerLoad } from './$types';

const shelfOf = (url: URL): Shelf => (url.searchParams.get('shelf') === 'accessories' ? 'accessories' : 'products');

export const load: PageServerLoad = ({ url }) => ({ shelf: shelfOf(url), form: stockForm(shelfOf(url)) });

export const actions: Actions = {
	default: async ({ request, url }) => {
		const shelf = shelfOf(url);
		const read = stockInput(
			shelf,
			{ before: { packs: [] }, currency: await readCurrency(await database()) },
			await request.formData()
		);
		if (!read.ok) return fail(400, { problems: read.error, message: 'Nothing was added.' });
		const save = shelf === 'products' ? saveProduct : saveAccessory;
		const done = await orDatabaseFailure(async () => {
			const written = await save(await database(), { input: read.value, isNew: true }, actorHere());
			return written.ok ? { id: written.value } : fail(400, { problems: written.error, message: 'Nothing was added.' });
		});
		if ('id' in done && done.id) redirect(303, resolve('/stock/[item]', { item: done.id }));
		return done;
	}
};
