import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { dataFolder } from '$lib/server/config';
import { actorHere } from '$lib/server/actor';
import { listSuppliers } from '$lib/server/repositories/heading-maps';
import { sheetOptions } from '$lib/server/sheet-options';
import { database } from '$lib/server/shop';
import { uploadedBytes } from '$lib/server/upload';
import { beginImport, warmImports } from '$lib/server/workers/imports';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	warmImports();
	return { suppliers: await listSuppliers(await database()) };
};

export const actions: Actions = {
	default: async ({ request }) => {
		const form = await request.formData();
		const upload = await uploadedBytes(form, 'file');
		if (!upload.ok) return fail(400, { message: upload.error });
		const mode = /\.json$/i.test(upload.value.name) ? 'document' : 'preview';
		const options = sheetOptions(form);
		const job = beginImport(dataFolder(), upload.value, { mode, options, actor: actorHere() });
		redirect(303, resolve('/vehicles/import/[job]', { job }));
	}
};
