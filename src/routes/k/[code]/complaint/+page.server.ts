import { error, fail } from '@sveltejs/kit';
import { overLimit } from '$lib/server/access/limits';
import { lineOf, newComplaintId, readSeen } from '$lib/server/complaint-input';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { showDesk } from '$lib/server/services/complaint-desk';
import { fileComplaint } from '$lib/server/services/complaints';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

/** Longest text a customer sends. */
const LONGEST = 400;

export const load: PageServerLoad = async ({ params }) => {
	const desk = await showDesk(await database(), { code: params.code });
	if (desk.code === null)
		error(404, {
			message: `There is no released kit with the code “${params.code}”.`,
			kept: 'Read the code from the label once more, or ask the shop.'
		});
	return { desk };
};

export const actions: Actions = {
	/** Somebody of the shop reads it before it counts. */
	default: async ({ params, request, getClientAddress }) => {
		const wait = await overLimit('complaint', getClientAddress());
		if (wait !== null)
			return fail(429, {
				message: 'Several messages came from here within the hour. Please ring the shop. Nothing was sent.'
			});
		const form = await request.formData();
		const seen = readSeen(form.get('seen'));
		if (!seen.ok) return fail(400, { message: `${seen.error} Nothing was sent.` });
		const words = lineOf(form, 'words', LONGEST);
		const said = { code: params.code, seen: seen.value, ...(words === undefined ? {} : { symptom: words }) };
		return orDatabaseFailure(async () => {
			const done = await fileComplaint(
				await database(),
				{ said, id: newComplaintId(), from: 'customer' },
				{ by: null, now: new Date().toISOString() }
			);
			if (done.ok) return { sent: true };
			return done.error.same
				? { sent: true }
				: fail(400, { message: done.error.message.replace('Nothing was filed.', 'Nothing was sent.') });
		});
	}
};
