import { error } from '@sveltejs/kit';
import { showSocket } from '$lib/server/services/vehicle';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	if (params.socket === undefined) return { socket: null };
	const socket = await showSocket(await database(), params.id, params.socket);
	if (!socket) error(404, { message: `This vehicle has no socket “${params.socket}”.` });
	return { socket };
};
