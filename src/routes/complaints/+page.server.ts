import { fail } from '@sveltejs/kit';
import type { ComplaintState } from '$lib/core/model';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { complaintsIn, countComplaints } from '$lib/server/repositories/complaints';
import { complaintRows } from '$lib/server/services/complaint-desk';
import { readComplaint } from '$lib/server/services/complaints';
import { dueToday } from '$lib/server/services/follow-ups';
import { database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

/** Complaints shown of one state. */
const MOST = 200;
const STATES: readonly ComplaintState[] = ['unread', 'open', 'settled', 'set-aside'];

export const load: PageServerLoad = async ({ url }) => {
	const db = await database();
	const asked = url.searchParams.get('show');
	const counts = await countComplaints(db);
	const state = STATES.find((one) => one === asked) ?? (counts.unread > 0 ? 'unread' : 'open');
	const { total } = await dueToday(db, new Date().toISOString(), 0);
	return { state, counts, due: total, rows: await complaintRows(db, await complaintsIn(db, [state], MOST)) };
};

export const actions: Actions = {
	/** Takes a customer's own for a complaint, or puts it aside. */
	read: async ({ request }) => {
		const form = await request.formData();
		const takes = form.get('take') === 'yes';
		return orDatabaseFailure(async () => {
			const done = await readComplaint(await database(), String(form.get('complaint') ?? ''), takes);
			return done.ok
				? { done: takes ? 'It counts now, and stands among the open ones.' : 'Set aside: it counts for nothing.' }
				: fail(409, { message: done.error });
		});
	}
};
