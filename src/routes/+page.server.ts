import { askCounter } from '$lib/server/services/counter';
import { countComplaints } from '$lib/server/repositories/complaints';
import { dataFolder } from '$lib/server/config';
import { couldServe } from '$lib/server/services/cover/could-serve';
import { askCover } from '$lib/server/workers/cover';
import { dueToday } from '$lib/server/services/follow-ups';
import { showVehicles } from '$lib/server/services/vehicle';
import { counterLog, database } from '$lib/server/shop';
import { shopDay } from '$lib/server/shop-time';
import type { PageServerLoad } from './$types';

const LONGEST_LINE = 120;
const MAX_SHOWN = 8;

export const load: PageServerLoad = async ({ url }) => {
	const line = (url.searchParams.get('q') ?? '').slice(0, LONGEST_LINE);
	const db = await database();
	const counts = await countComplaints(db);
	const now = new Date().toISOString();
	const reply = line.trim() === '' ? null : await askCounter(db, line);
	if (reply) void counterLog.note(db, reply, shopDay(now));
	return {
		waiting: {
			unread: counts.unread,
			open: counts.open,
			due: (await dueToday(db, now, 0)).total
		},
		line,
		reply,
		/** Comes after the answer: what would serve what nothing serves. */
		could: reply ? couldServe(db, reply, (question, ...asked) => askCover(dataFolder(), question, ...asked)) : null,
		vehicles: line.trim() === '' ? (await showVehicles(db, { from: 0, most: MAX_SHOWN })).vehicles : []
	};
};
