import { error } from '@sveltejs/kit';
import { listKits } from '$lib/server/repositories/kits';
import { showVehicle } from '$lib/server/services/vehicle';
import { database } from '$lib/server/shop';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params }) => {
	const db = await database();
	const vehicle = await showVehicle(db, params.id);
	if (!vehicle) error(404, { message: `There is no vehicle “${params.id}” on record.`, kept: 'Nothing was changed.' });
	const kits = await listKits(db, params.id);
	return { vehicle, kits: kits.map(({ id, name, state, answer }) => ({ id, name, state, total: answer.total })) };
};
