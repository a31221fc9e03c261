import { askCounter } from '$lib/server/services/counter';
import { countComplaints } from '$lib/server/repositories/complaints';
import { dueToday } from '$lib/server/services/follow-ups';
import { showVehicles } from '$lib/server/services/vehicle';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const LONGEST_LINE = 120;
const MAX_SHOWN = 8;

export const load: PageServerLoad = async ({ url }) => {
	const line = (url.searchParams.get('q') ?? '').slice(0, LONGEST_LINE);
	const db = await database();
	const counts = await countComplaints(db);
	return {
		waiting: {
			unread: counts.unread,
			open: counts.open,
			due: (await dueToday(db, new Date().toISOString(), 0)).total
		},
		line,
		reply: line.trim() === '' ? null : await askCounter(db, line),
		vehicles: line.trim() === '' ? (await showVehicles(db, { from: 0, most: MAX_SHOWN })).vehicles : []
	};
};
