import { fail } from '@sveltejs/kit';
import { policy as policySchema } from '$lib/core/exchange';
import { orTrouble } from '$lib/server/or-trouble';
import { changePolicy, readPolicy } from '$lib/server/services/policy';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ policy: await readPolicy(await database()) });

export const actions: Actions = {
	default: async ({ request }) => {
		const db = await database();
		const read = policySchema.safeParse({ ...(await readPolicy(db)), ...Object.fromEntries(await request.formData()) });
		if (!read.success) return fail(400, { message: 'Choose one of the policies. Nothing was changed.' });
		return orTrouble(async () => {
			await changePolicy(db, read.data);
			return { saved: true };
		});
	}
};
