import { recentRecords } from '$lib/server/repositories/events';
import { countComplaints } from '$lib/server/repositories/complaints';
import { awaySince } from '$lib/server/seen';
import { askCounter } from '$lib/server/services/counter';
import { couldServe } from '$lib/server/services/cover/could-serve';
import { dueToday } from '$lib/server/services/follow-ups';
import { changedSince, waitingToday } from '$lib/server/services/today';
import { beginning } from '$lib/server/services/start';
import { showVehiclesById } from '$lib/server/services/vehicle';
import { counterLog, cover, database } from '$lib/server/shop';
import { shopDay } from '$lib/server/shop-time';
import type { Knex } from 'knex';
import type { PageServerLoad } from './$types';

const LONGEST_LINE = 120;
const RECENT = 5;

/** The day's work: what wants a person, what they had in hand, and what changed while they were away. */
async function readToday(db: Knex, now: Date, since: string) {
	const today = shopDay(now.toISOString());
	const [waiting, recent, changed] = [
		await waitingToday(db, today),
		await showVehiclesById(db, await recentRecords(db, 'configuration:', RECENT)),
		await changedSince(db, since)
	];
	const { unread, open } = await countComplaints(db);
	return { waiting, recent, changed, counts: { unread, open, due: (await dueToday(db, now.toISOString(), 0)).total } };
}

export const load: PageServerLoad = async ({ url, cookies }) => {
	const line = (url.searchParams.get('q') ?? '').slice(0, LONGEST_LINE);
	const db = await database();
	const now = new Date();
	const since = awaySince(cookies, url, now);
	const reply = line.trim() === '' ? null : await askCounter(db, line);
	if (reply) void counterLog.note(db, reply, shopDay(now.toISOString()));
	return {
		line,
		reply,
		/** Comes after the answer: what would serve what nothing serves. */
		could: reply ? couldServe(db, reply, (question, ...asked) => cover.ask(question, ...asked)) : null,
		today: reply ? null : await readToday(db, now, since),
		start: reply ? null : await beginning(db)
	};
};
