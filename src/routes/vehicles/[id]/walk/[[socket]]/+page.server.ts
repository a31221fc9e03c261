import { error } from '@sveltejs/kit';
import { contextOf, showSocket, showWalkOf } from '$lib/server/services/vehicle';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const VIEWS = ['list', 'room'] as const;

export const load: PageServerLoad = async ({ params, url }) => {
	const db = await database();
	const [walk, context] = [await showWalkOf(db, params.id), await contextOf(db, params.id)];
	if (!walk || !context) error(404, { message: `There is no vehicle “${params.id}” on record.` });
	const view = VIEWS.find((name) => name === url.searchParams.get('view')) ?? 'rota';
	if (params.socket === undefined) return { socket: null, walk, context, view };
	const socket = await showSocket(db, params.id, params.socket);
	if (!socket) error(404, { message: `This vehicle has no socket “${params.socket}”.` });
	return { socket, walk, context, view };
};
