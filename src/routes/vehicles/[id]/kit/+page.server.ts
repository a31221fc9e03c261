import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { resolve } from '$app/paths';
import { KIT_SCOPES, kitOrder, label } from '$lib/core/exchange';
import { listKits, listRevisions } from '$lib/server/repositories/kits';
import { orTrouble } from '$lib/server/or-trouble';
import { startKit } from '$lib/server/services/kits';
import { database, kitContext } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, parent }) => {
	const db = await database();
	const { vehicle } = await parent();
	const kits = await Promise.all(
		(await listKits(db, params.id)).map(async (kit) => ({
			id: kit.id,
			name: kit.name,
			configuration: kit.configurationId,
			vehicle: vehicle.name,
			state: kit.state,
			code: (await listRevisions(db, kit.id)).at(-1)?.code ?? null,
			total: kit.answer.total,
			open: kit.answer.open.length,
			updatedAt: kit.updatedAt
		}))
	);
	return { rows: kits };
};

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
