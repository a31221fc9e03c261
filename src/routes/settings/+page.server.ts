import { fail } from '@sveltejs/kit';
import { policy as policySchema } from '$lib/core/exchange';
import { orTrouble } from '$lib/server/or-trouble';
import { rememberPerson } from '$lib/server/person';
import { changePolicy, readPolicy } from '$lib/server/services/policy';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ policy: await readPolicy(await database()) });

export const actions: Actions = {
	person: async ({ request, cookies }) => {
		const name = String((await request.formData()).get('person') ?? '');
		rememberPerson(cookies, name);
		return { person: name.trim() };
	},
	policy: async ({ request }) => {
		const db = await database();
		const read = policySchema.safeParse({ ...(await readPolicy(db)), ...Object.fromEntries(await request.formData()) });
		if (!read.success) return fail(400, { message: 'Choose one of the policies. Nothing was changed.' });
		return orTrouble(async () => {
			await changePolicy(db, read.data);
			return { saved: true };
		});
	}
};
