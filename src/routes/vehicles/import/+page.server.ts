import { counted } from '$lib/core/quantity';
import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { readDocumentText } from '$lib/core/exchange';
import { dataFolder } from '$lib/server/config';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { actorOf } from '$lib/server/actor';
import { listSuppliers } from '$lib/server/repositories/heading-maps';
import { importDocument } from '$lib/server/services/exchange';
import { sheetOptions } from '$lib/server/sheet-options';
import { database } from '$lib/server/shop';
import { uploadedBytes } from '$lib/server/upload';
import { beginImport, warmImports } from '$lib/server/workers/imports';
import type { Actions, PageServerLoad } from './$types';

const MAX_PROBLEMS = 50;

export const load: PageServerLoad = async () => {
	warmImports();
	return { suppliers: await listSuppliers(await database()) };
};

export const actions: Actions = {
	default: async ({ request, cookies }) => {
		const form = await request.formData();
		const upload = await uploadedBytes(form, 'file');
		if (!upload.ok) return fail(400, { message: upload.error, problems: [] });
		const { name, bytes } = upload.value;
		if (!/\.json$/i.test(name)) {
			const job = beginImport(dataFolder(), upload.value, { options: sheetOptions(form), actor: actorOf(cookies) });
			redirect(303, resolve('/vehicles/import/[job]', { job }));
		}
		const read = readDocumentText(new TextDecoder().decode(bytes));
		if (!read.ok)
			return fail(400, {
				message: `${name} was not read: ${counted(read.error.length, 'thing is', 'things are')} wrong. Nothing was changed.`,
				problems: read.error.slice(0, MAX_PROBLEMS)
			});
		return orDatabaseFailure(async () => {
			const report = await importDocument(await database(), read.value, new Date().toISOString());
			return { name, report, vehicles: read.value.configurations.map((c) => c.id) };
		});
	}
};
