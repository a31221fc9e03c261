import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { readIdentity } from '$lib/core/record';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { actorHere } from '$lib/server/actor';
import { createConfiguration } from '$lib/server/services/record/create';
import { readMarket } from '$lib/server/services/shop-setup';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

/** A new vehicle is most often of the shop's own market. */
export const load: PageServerLoad = async () => ({ market: await readMarket(await database()) });

export const actions: Actions = {
	default: async ({ request }) => {
		const form = await request.formData();
		const identity = readIdentity((field) => String(form.get(field) ?? ''));
		if (!identity.ok) return fail(400, { message: identity.error });
		const id = String(form.get('id') ?? '').trim();
		const done = await orDatabaseFailure(async () => {
			const wanted = { ...identity.value, ...(id ? { id } : {}) };
			return createConfiguration(await database(), wanted, actorHere());
		});
		if (!('ok' in done)) return done;
		if (!done.ok) return fail(400, { message: done.error });
		redirect(303, resolve('/vehicles/[id]/walk/[[socket]]', { id: done.value.id }));
	}
};
