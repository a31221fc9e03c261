import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { resolve } from '$app/paths';
import { BALANCES, KIT_SCOPES, kitOrder, label, socketId } from '$lib/core/model';
import { FUNCTION_IDS } from '$lib/core/lamps';
import { findConfiguration } from '$lib/server/repositories/configurations';
import { pageFrom } from '$lib/server/page-of';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { KITS_A_PAGE, kitRows, startKit } from '$lib/server/services/kits';
import { database, kitContext } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const db = await database();
	const configuration = await findConfiguration(db, params.id);
	return {
		...(await kitRows(db, { configurationId: params.id, ...pageFrom(url, KITS_A_PAGE) })),
		from: pageFrom(url, KITS_A_PAGE).from,
		each: KITS_A_PAGE,
		functions: [...new Set((configuration?.sockets ?? []).flatMap((s) => s.functions))]
	};
};

const newKit = z.object({
	name: label,
	scope: z.enum(KIT_SCOPES),
	function: z.enum(FUNCTION_IDS).optional(),
	socket: socketId.optional(),
	balance: z.enum(BALANCES).default('price')
});

export const actions: Actions = {
	start: async ({ request, params }) => {
		const read = newKit.safeParse(Object.fromEntries(await request.formData()));
		if (!read.success)
			return fail(400, { message: 'Give the kit a name of 1 to 200 characters and a scope. Nothing was changed.' });
		const { scope, balance, function: fn, socket } = read.data;
		const sockets = scope === 'sockets' && socket ? [socket] : undefined;
		const order = kitOrder.parse({ scope, balance, function: scope === 'function' ? fn : undefined, sockets });
		const started = await orDatabaseFailure(async () =>
			startKit(await kitContext(), params.id, { name: read.data.name, order })
		);
		if ('status' in started) return started;
		if (!started.ok) return fail(409, { message: started.error });
		redirect(303, resolve('/vehicles/[id]/kit/[kit]', { id: params.id, kit: started.value.id }));
	}
};
