import { fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { actorHere } from '$lib/server/actor';
import { lineOf, newComplaintId, readSeen } from '$lib/server/complaint-input';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { symptomChoices } from '$lib/server/services/complaint-desk';
import { answerFollowUp, dueToday, followUpMonths, takeBackFollowUp } from '$lib/server/services/follow-ups';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

/** Questions shown at once. */
const MOST = 40;

export const load: PageServerLoad = async () => {
	const db = await database();
	return {
		...(await dueToday(db, new Date().toISOString(), MOST)),
		months: await followUpMonths(db),
		choices: symptomChoices()
	};
};

const asked = (form: FormData) => ({
	fitting: String(form.get('fitting') ?? ''),
	months: Number(form.get('months') ?? 0)
});

export const actions: Actions = {
	/** Still fine, or nobody reached. */
	answer: async ({ request }) => {
		const form = await request.formData();
		const answer = form.get('answer') === 'fine' ? ('fine' as const) : ('no-answer' as const);
		return orDatabaseFailure(async () => {
			const done = await answerFollowUp(await database(), { ...asked(form), answer, complaint: '' }, actorHere());
			return done.ok
				? { done: answer === 'fine' ? 'Noted: still fine.' : 'Noted: nobody reached.', last: asked(form) }
				: fail(409, { message: done.error.message });
		});
	},
	/** Something is wrong: it becomes a complaint. */
	wrong: async ({ request }) => {
		const form = await request.formData();
		const seen = readSeen(form.get('seen'));
		if (!seen.ok) return fail(400, { message: seen.error });
		const words = lineOf(form, 'words', 1000) ?? '';
		if (seen.value.length === 0 && words === '')
			return fail(400, { message: 'Choose what is wrong, or write it down. Nothing was kept.' });
		const filed = await orDatabaseFailure(async () => {
			const done = await answerFollowUp(
				await database(),
				{ ...asked(form), answer: { seen: seen.value, words }, complaint: newComplaintId() },
				actorHere()
			);
			return done.ok ? { id: done.value } : fail(409, { message: done.error.message });
		});
		if (!('id' in filed) || typeof filed.id !== 'string') return filed;
		redirect(303, resolve('/complaints/[complaint]', { complaint: filed.id }));
	},
	/** Takes an answer back. */
	back: async ({ request }) => {
		const { fitting, months } = asked(await request.formData());
		return orDatabaseFailure(async () => {
			await takeBackFollowUp(await database(), fitting, months);
			return { done: 'Taken back: it is to be asked again.' };
		});
	}
};
