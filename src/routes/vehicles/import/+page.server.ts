import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { actorHere } from '$lib/server/actor';
import { listSuppliers } from '$lib/server/repositories/heading-maps';
import { sheetOptions } from '$lib/server/sheet-options';
import { database, imports } from '$lib/server/shop';
import { uploadedBytes } from '$lib/server/upload';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	imports.warm();
	return { suppliers: await listSuppliers(await database()) };
};

export const actions: Actions = {
	default: async ({ request }) => {
		const form = await request.formData();
		const upload = await uploadedBytes(form, 'file');
		if (!upload.ok) return fail(400, { message: upload.error });
		const mode = /\.json$/i.test(upload.value.name) ? 'document' : 'preview';
		const options = sheetOptions(form);
		const job = await imports.begin(upload.value, { mode, options, actor: actorHere() });
		redirect(303, resolve('/vehicles/import/[job]', { job }));
	}
};
