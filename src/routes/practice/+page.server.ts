import { randomInt } from 'node:crypto';
import { redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { personHere } from '$lib/server/actor';
import { may } from '$lib/server/access/roles';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { practiceDatabase } from '$lib/server/practice-folder';
import { learnerHere } from '$lib/server/practice-input';
import { nextExercise, practiceOf, progressShared, shareProgress } from '$lib/server/services/practice';
import { gatherCases } from '$lib/server/services/practice-cases';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

/** Vehicles that can be made; enough that nobody meets one twice by chance. */
const SEEDS = 1_000_000;

export const load: PageServerLoad = async ({ locals }) => {
	const now = new Date().toISOString();
	const db = await practiceDatabase();
	return {
		learner: personHere(),
		now,
		practice: await practiceOf(db, learnerHere(), now),
		shared: may(locals.person?.role ?? 'workshop', 'people') ? await progressShared(db, now) : null
	};
};

export const actions: Actions = {
	next: async () => {
		const now = new Date().toISOString();
		const db = await practiceDatabase();
		await gatherCases(await database(), db, now);
		const { kind, seed, level } = await nextExercise(db, learnerHere(), { now, seed: randomInt(SEEDS) });
		redirect(303, resolve('/practice/[kind]/[seed]/[level]', { kind, seed: String(seed), level: String(level) }));
	},
	share: async ({ request }) => {
		const isGiven = (await request.formData()).has('shared');
		return orDatabaseFailure(async () => {
			await shareProgress(await practiceDatabase(), learnerHere(), { isGiven, now: new Date().toISOString() });
			return {
				said: isGiven ? 'The owner sees how you are getting on.' : 'Nobody but you sees how you are getting on.'
			};
		});
	}
};
