import { error } from '@sveltejs/kit';
import { shopDay } from '$lib/server/shop-time';
import { socketViews } from '$lib/core/views';
import { socketName, socketsInWalk, vehicleName } from '$lib/core/vehicle';
import { configurationAt, historyOf } from '$lib/server/services/record/history';
import { CONFIGURATIONS } from '$lib/server/services/record/store';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => {
	const db = await database();
	const { events } = await historyOf(db, CONFIGURATIONS, params.id);
	const day = url.searchParams.get('day');
	const asked = Number(url.searchParams.get('at'));
	const chosen = day ? events.find((e) => shopDay(e.at) <= day) : events.find((e) => e.id === asked);
	if (!chosen) return { events, day, then: null };
	const configuration = await configurationAt(db, params.id, chosen.id);
	if (!configuration) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return {
		events,
		day,
		then: {
			event: chosen,
			name: vehicleName(configuration),
			sockets: socketViews(configuration),
			rows: socketsInWalk(configuration).map((s) => ({
				id: s.id,
				name: socketName(s),
				text: [s.category ?? s.state, s.lens, s.optic].filter(Boolean).join(', ')
			}))
		}
	};
};
