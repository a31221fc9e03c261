import { identifyVehicle } from '$lib/server/services/identify';
import { database } from '$lib/server/shop';
import { vinService } from '$lib/server/stand-ins/vin';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
	const line = url.searchParams.get('q') ?? '';
	// Every other parameter is a question with its answer, so that the address holds all that was seen.
	const answers = Object.fromEntries([...url.searchParams].filter(([key]) => key !== 'q'));
	const now = new Date().toISOString();
	return { line, answers, at: await identifyVehicle(await database(), { line, answers, now }, vinService()) };
};
