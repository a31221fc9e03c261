import { fail } from '@sveltejs/kit';
import { dataFolder } from '$lib/server/config';
import { mayOpenBeside, openBeside } from '$lib/server/beside';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { changeSetup, readSetup, shopSetup } from '$lib/server/services/shop-setup';
import { readStart } from '$lib/server/services/start';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const db = await database();
	return { start: await readStart(db), setup: await readSetup(db), mayShowDemo: mayOpenBeside() && !locals.demo };
};

export const actions: Actions = {
	setup: async ({ request }) => {
		const read = shopSetup.safeParse(Object.fromEntries(await request.formData()));
		if (!read.success) {
			const [first] = read.error.issues;
			return fail(400, {
				refused: `${String(first?.path[0] ?? 'The shop')}: ${first?.message ?? 'cannot be read'}. Nothing was changed.`
			});
		}
		const db = await database();
		return orDatabaseFailure(async () => {
			const done = await changeSetup(db, read.data);
			return done.ok ? { setUp: true } : fail(409, { refused: done.error });
		});
	},
	demo: async ({ url }) => {
		if (!mayOpenBeside())
			return fail(409, { refused: 'The demo is opened on the machine the shop runs on: ./rotalux demo.' });
		const opened = await openBeside('demo', { folder: dataFolder(), back: `${url.origin}/` });
		return opened.ok ? { demo: opened.value } : fail(503, { refused: opened.error });
	}
};
