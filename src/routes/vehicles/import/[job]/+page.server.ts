import { error, fail } from '@sveltejs/kit';
import { COLUMNS, SHEETS } from '$lib/core/exchange';
import { actorHere } from '$lib/server/actor';
import { listSuppliers } from '$lib/server/repositories/heading-maps';
import { sheetOptions } from '$lib/server/sheet-options';
import { beginning } from '$lib/server/services/start';
import { database, imports } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

const GONE = 'This import is not known any more. Choose the file again; nothing was written.';

export const load: PageServerLoad = async ({ params }) => {
	const job = await imports.find(params.job);
	if (!job) error(404, { message: GONE });
	const columns = Object.fromEntries(SHEETS.map((sheet) => [sheet, COLUMNS[sheet].map((c) => c.heading)]));
	const db = await database();
	return { job, columns, suppliers: await listSuppliers(db), start: await beginning(db) };
};

const goOn =
	(mode: 'preview' | 'write'): Actions[string] =>
	async ({ params, request }) => {
		const options = sheetOptions(await request.formData());
		const begun = await imports.goOn(params.job ?? '', { mode, options, actor: actorHere() });
		return begun
			? {}
			: fail(409, { message: (await imports.find(params.job ?? '')) ? 'It is still under way.' : GONE });
	};

export const actions: Actions = {
	look: goOn('preview'),
	accept: goOn('write'),
	cancel: ({ params }) => imports.cancel(params.job)
};
