import { fail } from '@sveltejs/kit';
import { readDocumentText } from '$lib/core/exchange';
import { orTrouble } from '$lib/server/or-trouble';
import { importDocument } from '$lib/server/services/exchange';
import { database } from '$lib/server/shop';
import { uploadedText } from '$lib/server/upload';
import type { Actions } from './$types';

const MOST_PROBLEMS = 50;

export const actions: Actions = {
	default: async ({ request }) => {
		const upload = await uploadedText(await request.formData(), 'file');
		if (!upload.ok) return fail(400, { message: upload.error, problems: [] });
		const { name, text } = upload.value;
		const read = readDocumentText(text);
		if (!read.ok)
			return fail(400, {
				message: `${name} was not read: ${read.error.length} ${read.error.length === 1 ? 'thing is' : 'things are'} wrong. Nothing was changed.`,
				problems: read.error.slice(0, MOST_PROBLEMS)
			});
		return orTrouble(async () => {
			const report = await importDocument(await database(), read.value, new Date().toISOString());
			return { name, report, vehicles: read.value.configurations.map((c) => c.id) };
		});
	}
};
