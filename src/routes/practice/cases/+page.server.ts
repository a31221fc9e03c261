import { fail } from '@sveltejs/kit';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { practiceDatabase } from '$lib/server/practice-folder';
import { listCases } from '$lib/server/repositories/practice-cases';
import { gatherCases, leaveOut, writeCase } from '$lib/server/services/practice-cases';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

/** Wrong answers that can be written. */
const WRONG = [1, 2, 3];

export const load: PageServerLoad = async () => ({ cases: await listCases(await practiceDatabase()) });

export const actions: Actions = {
	gather: () =>
		orDatabaseFailure(async () => ({
			gathered: await gatherCases(await database(), await practiceDatabase(), new Date().toISOString())
		})),
	write: async ({ request }) => {
		const sent = await request.formData();
		const said = (name: string) => String(sent.get(name) ?? '');
		const written = {
			task: said('task'),
			given: said('given'),
			right: said('right'),
			why: said('why'),
			wrong: WRONG.map((n) => ({ words: said(`wrong-${n}`), why: said(`why-${n}`) }))
		};
		return orDatabaseFailure(async () => {
			const done = await writeCase(await practiceDatabase(), written, new Date().toISOString());
			return done.ok ? { written: true } : fail(400, { refused: done.error });
		});
	},
	leave: async ({ request }) => {
		const number = Number((await request.formData()).get('number'));
		return orDatabaseFailure(async () => {
			const done = await leaveOut(await practiceDatabase(), number, new Date().toISOString());
			return done.ok ? { left: true } : fail(404, { refused: done.error });
		});
	}
};
