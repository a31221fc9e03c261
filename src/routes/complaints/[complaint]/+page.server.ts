import { error, fail } from '@sveltejs/kit';
import { CAUSES } from '$lib/core/learn';
import { factOf } from '$lib/core/model';
import { socketViews } from '$lib/core/views';
import { actorHere } from '$lib/server/actor';
import { readSeen } from '$lib/server/complaint-input';
import { dataFolder } from '$lib/server/config';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { findComplaint } from '$lib/server/repositories/complaints';
import { findConfiguration } from '$lib/server/repositories/configurations';
import { complaintRows, showDesk } from '$lib/server/services/complaint-desk';
import { addFound, dropFound } from '$lib/server/services/complaints';
import { kitsStandingOn } from '$lib/server/services/kits/standing-on';
import { readCurrency } from '$lib/server/services/policy';
import { reopenComplaint, settleComplaint, settlingForm } from '$lib/server/services/settling';
import { customerWords } from '$lib/server/services/customer-words';
import { database } from '$lib/server/shop';
import { inThread } from '$lib/server/workers/heavy';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const db = await database();
	const complaint = await findComplaint(db, params.complaint);
	if (!complaint) error(404, { message: `There is no complaint “${params.complaint}”.`, kept: 'Nothing was changed.' });
	const [row] = await complaintRows(db, [complaint]);
	const diagnosis = await inThread(dataFolder(), {
		what: 'diagnosis',
		asked: [
			params.complaint,
			{ cause: url.searchParams.get('cause') ?? undefined, mode: url.searchParams.get('mode') ?? undefined }
		]
	});
	const desk = await showDesk(db, { configuration: complaint.configuration });
	const record = complaint.configuration === undefined ? null : await findConfiguration(db, complaint.configuration);
	return {
		complaint: {
			...complaint,
			words: complaint.symptom ?? null
		},
		row,
		desk,
		sockets: record ? socketViews(record) : [],
		diagnosis: diagnosis && {
			...diagnosis,
			causes: diagnosis.causes.map(({ lesson, ...cause }) => {
				const fact = lesson && factOf(lesson.of.kind, lesson.fact);
				return {
					...cause,
					lesson: lesson && fact ? { ...lesson, label: fact.label, unit: fact.unit ?? '' } : null
				};
			})
		},
		others: CAUSES.map(({ id, label }) => ({ id, label })),
		kits: await kitsStandingOn(db, complaint),
		message: complaint.state === 'settled' ? customerWords(complaint, row?.vehicle ?? '') : null
	};
};

export const actions: Actions = {
	/** The answer of a test in the bay. */
	answer: async ({ params, request }) => {
		const form = await request.formData();
		const found = { test: String(form.get('test') ?? ''), yes: form.get('yes') === 'yes' };
		if (found.test === '') return fail(400, { message: 'No test was named. Nothing was kept.' });
		return orDatabaseFailure(async () => {
			const done = await addFound(await database(), params.complaint, { found, actor: actorHere() });
			return done.ok ? { answered: true } : fail(409, { message: done.error });
		});
	},
	unanswer: async ({ params, request }) => {
		const test = String((await request.formData()).get('test') ?? '');
		return orDatabaseFailure(async () => {
			const done = await dropFound(await database(), params.complaint, test);
			return done.ok ? { answered: true } : fail(409, { message: done.error });
		});
	},
	/** More that was seen. */
	more: async ({ params, request }) => {
		const seen = readSeen((await request.formData()).get('seen'));
		if (!seen.ok) return fail(400, { message: seen.error });
		if (seen.value.length === 0) return fail(400, { message: 'Choose what was seen. Nothing was added.' });
		return orDatabaseFailure(async () => {
			const done = await addFound(await database(), params.complaint, { seen: seen.value, actor: actorHere() });
			return done.ok ? { done: 'Added.' } : fail(409, { message: done.error });
		});
	},
	settle: async ({ params, request }) => {
		const form = await request.formData();
		const read = settlingForm.safeParse({
			...Object.fromEntries(form),
			neverAgain: form.get('neverAgain') === 'on'
		});
		if (!read.success) return fail(400, { message: `${read.error.issues[0]?.message}. Nothing was settled.` });
		const db = await database();
		const currency = await readCurrency(db);
		return orDatabaseFailure(async () => {
			const done = await settleComplaint(db, params.complaint, { settling: read.data, currency, actor: actorHere() });
			return done.ok
				? { done: ['Settled.', ...done.value.learnt.map((words) => `The record learnt: ${words}.`)].join(' ') }
				: fail(409, { message: done.error });
		});
	},
	reopen: ({ params }) =>
		orDatabaseFailure(async () => {
			const done = await reopenComplaint(await database(), params.complaint);
			return done.ok ? { done: 'Open again.' } : fail(409, { message: done.error });
		})
};
