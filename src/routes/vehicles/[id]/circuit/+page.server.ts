import { error } from '@sveltejs/kit';
import { showCircuit } from '$lib/server/services/circuit';
import { database } from '$lib/server/shop';
import { poolSolver } from '$lib/server/workers/pool';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const circuit = await showCircuit(await database(), params.id, poolSolver);
	if (!circuit) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	return { circuit };
};
