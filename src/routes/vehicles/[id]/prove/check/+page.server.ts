import { fail } from '@sveltejs/kit';
import { actorHere } from '$lib/server/actor';
import { dataFolder } from '$lib/server/config';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { signCheck } from '$lib/server/services/beam-checks';
import { database } from '$lib/server/shop';
import { inThread } from '$lib/server/workers/heavy';
import type { Actions } from './$types';

export const actions: Actions = {
	/** Signs what is on record of a lamp in a place, whichever way it came out. */
	sign: async ({ params, request }) => {
		const form = await request.formData();
		const [socket, product] = [String(form.get('socket') ?? ''), String(form.get('product') ?? '')];
		const actor = actorHere();
		const by = (actor.by ?? String(form.get('by') ?? '')).trim();
		if (by === '') return fail(400, { message: 'A beam check wants a name: who answers for it? Nothing was kept.' });
		const prove = await inThread(dataFolder(), { what: 'prove', asked: [params.id] });
		if (!prove) return fail(404, { message: 'This vehicle is no longer on record. Nothing was kept.' });
		const note = String(form.get('note') ?? '').trim();
		return orDatabaseFailure(async () => {
			const done = await signCheck(await database(), prove, { socket, product, by, note, actor });
			return done.ok ? { signed: done.value } : fail(409, { message: done.error });
		});
	}
};
