import { error, fail } from '@sveltejs/kit';
import { SKILLS } from '$lib/core/practice';
import { mayOpenBeside } from '$lib/server/beside';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { isPracticeShop, practiceDatabase } from '$lib/server/practice-folder';
import { exerciseIn, learnerHere } from '$lib/server/practice-input';
import { answerExercise, questionOf } from '$lib/server/services/practice';
import type { Actions, PageServerLoad } from './$types';

const MOST_SECONDS = 3600;
/** A basket of packs is the longest answer. */
const MOST_TYPED = 2000;

export const load: PageServerLoad = async ({ params, url }) => {
	const key = exerciseIn(params);
	const asked = await questionOf(
		await practiceDatabase(),
		{ person: learnerHere(), now: new Date().toISOString() },
		{ key, looked: url.searchParams.getAll('looked') }
	);
	if (!asked) error(404, { message: 'This vehicle gives nothing to ask about.', kept: 'Take another exercise.' });
	const { skill, minutes } = SKILLS[key.kind];
	const mayOpen = mayOpenBeside() && !isPracticeShop();
	return { key, ...asked, skill, minutes, room: mayOpen ? asked.room : null };
};

export const actions: Actions = {
	answer: async ({ request, params }) => {
		const sent = await request.formData();
		const said = (name: string) => String(sent.get(name) ?? '').slice(0, MOST_TYPED);
		const seconds = Number(said('seconds'));
		const looked = sent.getAll('looked').map(String);
		const answer = { chosen: said('chosen'), looked, reason: said('reason') || undefined };
		if (answer.chosen === '') return fail(400, { message: 'Choose an answer first.' });
		return orDatabaseFailure(async () => {
			const done = await answerExercise(
				await practiceDatabase(),
				{
					person: learnerHere(),
					now: new Date().toISOString(),
					seconds: seconds > 0 && seconds < MOST_SECONDS ? Math.round(seconds) : null
				},
				{ key: exerciseIn(params), answer }
			);
			return done.ok ? { score: done.value, answer } : fail(400, { message: done.error });
		});
	}
};
