import { askCounter } from '$lib/server/services/counter';
import { showVehicles } from '$lib/server/services/vehicle';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const LONGEST_LINE = 120;
const MAX_SHOWN = 8;

export const load: PageServerLoad = async ({ url }) => {
	const line = (url.searchParams.get('q') ?? '').slice(0, LONGEST_LINE);
	const db = await database();
	return {
		line,
		reply: line.trim() === '' ? null : await askCounter(db, line),
		vehicles: line.trim() === '' ? (await showVehicles(db, { from: 0, most: MAX_SHOWN })).vehicles : []
	};
};
