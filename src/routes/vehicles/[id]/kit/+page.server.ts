import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { resolve } from '$app/paths';
import { KIT_SCOPES, kitOrder, label } from '$lib/core/exchange';
import { orTrouble } from '$lib/server/or-trouble';
import { kitRows, startKit } from '$lib/server/services/kits';
import { database, kitContext } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => ({ rows: await kitRows(await database(), params.id) });

const newKit = z.object({ name: label, scope: z.enum(KIT_SCOPES) });

export const actions: Actions = {
	start: async ({ request, params }) => {
		const read = newKit.safeParse(Object.fromEntries(await request.formData()));
		if (!read.success)
			return fail(400, { message: 'Give the kit a name of 1 to 200 characters and a scope. Nothing was changed.' });
		const order = kitOrder.parse({ scope: read.data.scope });
		const started = await orTrouble(async () => startKit(await kitContext(), params.id, read.data.name, order));
		if ('status' in started) return started;
		if (!started.ok) return fail(404, { message: started.error });
		redirect(303, resolve('/vehicles/[id]/kit/[kit]', { id: params.id, kit: started.value.id }));
	}
};
