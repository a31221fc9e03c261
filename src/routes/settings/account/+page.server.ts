import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { changeAccount, changeOwnPassword, makeBayCode } from '$lib/server/access/accounts';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => ({ name: locals.person?.name ?? '', guarded: locals.guarded });

const NO_ACCOUNT = 'There are no accounts here.';

export const actions: Actions = {
	name: async ({ request, locals }) => {
		const id = locals.person?.id;
		if (!id) return fail(409, { message: NO_ACCOUNT });
		const name = String((await request.formData()).get('name') ?? '');
		return orDatabaseFailure(async () => {
			const done = await changeAccount(await database(), id, { name });
			return done.ok ? { done: `You are ${done.value.name} now.` } : fail(400, { message: done.error });
		});
	},
	password: async ({ request, locals }) => {
		const id = locals.person?.id;
		if (!id) return fail(409, { message: NO_ACCOUNT });
		const form = await request.formData();
		const given = { old: String(form.get('old') ?? ''), password: String(form.get('password') ?? '') };
		const done = await orDatabaseFailure(async () => changeOwnPassword(await database(), id, given));
		if ('status' in done) return done;
		if (!done.ok) return fail(400, { message: done.error });
		redirect(303, resolve('/sign-in'));
	},
	tablet: async ({ locals }) => {
		const id = locals.person?.id;
		if (!id) return fail(409, { message: NO_ACCOUNT });
		return orDatabaseFailure(async () => ({ code: await makeBayCode(await database(), id, new Date().toISOString()) }));
	}
};
