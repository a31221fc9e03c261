import { fail } from '@sveltejs/kit';
import { policy as policySchema } from '$lib/core/exchange';
import { databaseTrouble } from '$lib/server/db/trouble';
import { changePolicy, readPolicy } from '$lib/server/services/policy';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ policy: await readPolicy(await database()) });

export const actions: Actions = {
	default: async ({ request }) => {
		const db = await database();
		const read = policySchema.safeParse({ ...(await readPolicy(db)), ...Object.fromEntries(await request.formData()) });
		if (!read.success) return fail(400, { message: 'Choose one of the policies. Nothing was changed.' });
		try {
			await changePolicy(db, read.data);
		} catch (error) {
			const trouble = databaseTrouble(error);
			if (!trouble) throw error;
			return fail(503, { message: trouble });
		}
		return { saved: true };
	}
};
