import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { actorHere } from '$lib/server/actor';
import { readCustomer } from '$lib/server/sale-input';
import { quoteKit } from '$lib/server/services/sales';
import { database, newSaleId } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

const MOST_SIGNS = 40;

export const load: PageServerLoad = ({ url }) => ({ code: (url.searchParams.get('code') ?? '').slice(0, MOST_SIGNS) });

export const actions: Actions = {
	quote: async ({ request }) => {
		const form = await request.formData();
		const code = String(form.get('code') ?? '')
			.trim()
			.toUpperCase();
		const customer = readCustomer(form);
		if (!customer.ok) return fail(400, { refused: customer.error });
		const quoted = await quoteKit(await database(), { id: newSaleId(), code, customer: customer.value }, actorHere());
		if (!quoted.ok) return fail(400, { refused: quoted.error });
		redirect(303, resolve('/sales/[sale]', { sale: quoted.value.id }));
	}
};
