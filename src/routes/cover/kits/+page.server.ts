import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { BALANCES, kitOrder } from '$lib/core/model';
import { coverAsked } from '$lib/server/cover-asked';
import { dataFolder } from '$lib/server/config';
import { changeAlways } from '$lib/server/db/change';
import { bulkKits, dropWaiting, queueKits } from '$lib/server/repositories/bulk-kits';
import { findKit } from '$lib/server/repositories/kits';
import { configurationNames } from '$lib/server/repositories/configurations';
import { inThread } from '$lib/server/workers/heavy';
import { bulk, cover, database } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

const MOST_SHOWN = 200;
/** Scopes that make sense for many vehicles at once. */
const SCOPES = ['vehicle', 'front', 'rear', 'signals', 'cabin'] as const;
/** The night begins here, hours after the day has in the zone of the server. */
const NIGHT_HOUR = 22;

const asked = z.object({
	scope: z.enum(SCOPES).catch('signals'),
	balance: z.enum(BALANCES).catch('price'),
	when: z.enum(['now', 'tonight']).catch('now'),
	everyShelf: z.literal('on').optional().catch(undefined)
});

function tonight(now: Date): string {
	const night = new Date(now);
	night.setHours(NIGHT_HOUR, 0, 0, 0);
	return (night > now ? night : now).toISOString();
}

export const load: PageServerLoad = async ({ url, parent }) => {
	const { standing } = await parent();
	const db = await database();
	const { last, ...counts } = await bulkKits(db, MOST_SHOWN);
	const names = await configurationNames(
		db,
		last.map(({ configuration }) => configuration)
	);
	const kits = await Promise.all(last.map(({ kit }) => (kit === null ? null : findKit(db, kit))));
	return {
		scopes: SCOPES,
		/** Comes after the page: every kit that something changed under is worked out again. */
		broken: inThread(dataFolder(), { what: 'broken', asked: [] }),
		counts,
		underWay: bulk.underWay,
		chosen: standing.finishedAt === null ? 0 : (await cover.ask('vehicleIds', coverAsked(url))).length,
		last: last.map(({ number, configuration, why }, i) => ({
			number,
			configuration,
			name: names.get(configuration) ?? configuration,
			why,
			kit: kits[i] && {
				id: kits[i].id,
				state: kits[i].state,
				total: kits[i].answer.total,
				open: kits[i].answer.open.length
			}
		}))
	};
};

export const actions: Actions = {
	queue: async ({ request, url }) => {
		const { scope, balance, when, everyShelf } = asked.parse(Object.fromEntries(await request.formData()));
		const ids = await cover.ask('vehicleIds', coverAsked(url));
		if (ids.length === 0) return fail(400, { refused: 'No vehicle is chosen. Nothing was put in line.' });
		const now = new Date();
		const notBefore = when === 'tonight' ? tonight(now) : now.toISOString();
		const name = `Bulk, ${scope}`;
		const order = kitOrder.parse({ scope, balance, everyShelf: everyShelf === 'on' || undefined });
		const queued = await changeAlways(await database(), (tx) => queueKits(tx, ids, { order, name, notBefore }));
		if (when === 'now') await bulk.look();
		return { queued };
	},
	drop: async () => ({ dropped: await changeAlways(await database(), dropWaiting) })
};
