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
	default: async ({ params, request }) => {
		const form = await request.formData();
		const pasted = String(form.get('pasted') ?? '');
		const upload = pasted.trim()
			? { ok: true as const, value: { name: 'pasted rows', bytes: new TextEncoder().encode(pasted) } }
			: await uploadedBytes(form, 'file');
		if (!upload.ok) return fail(400, { message: `Paste some rows, or choose a file. ${upload.error}` });
		const options = { ...sheetOptions(form), configuration: params.id };
		const job = await imports.begin(upload.value, { mode: 'preview', options, actor: actorHere() });
		redirect(303, resolve('/vehicles/import/[job]', { job }));
	}
};
