import { error, fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { socketId, type KitOrder } from '$lib/core/model';
import { actorHere } from '$lib/server/actor';
import { dataFolder } from '$lib/server/config';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { listFittings } from '$lib/server/repositories/fittings';
import { kitRows, reorderKit } from '$lib/server/services/kits';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import { startFitting } from '$lib/server/services/fittings';
import { database, kitContext, newFittingId } from '$lib/server/shop';
import { inThread } from '$lib/server/workers/heavy';
import type { Actions, PageServerLoad } from './$types';

/** Fittings shown of a vehicle. */
const MOST_FITTINGS = 20;

/** The revision an address asks for. */
const revisionIn = (url: URL) => {
	const revision = Number(url.searchParams.get('revision'));
	return Number.isSafeInteger(revision) && revision > 0 ? { revision } : {};
};

export const load: PageServerLoad = async ({ params, url }) => {
	const db = await database();
	const { rows: kits } = await kitRows(db, { configurationId: params.id });
	const kit = params.kit ?? kits[0]?.id;
	const fittings = await listFittings(db, MOST_FITTINGS, params.id);
	const list = kits.map(({ id, name }) => ({ id, name }));
	if (kit === undefined) return { kits: list, fittings, kit: null, plan: null };
	const sheet = await kitOr404({ id: params.id, kit }, url);
	const asked = { configuration: params.id, kit, ...revisionIn(url) };
	const plan = await inThread(dataFolder(), { what: 'fitup', asked: [asked] });
	if (!plan) error(404, { message: `There is no kit “${kit}” for this vehicle.` });
	const { id, name, state, code, revision, stale, answer } = sheet;
	const open = answer.open.map(({ socket }) => socket);
	return { kits: list, fittings, kit: { id, name, state, code, revision, stale, open }, plan };
};

export const actions: Actions = {
	/** Takes a lamp into the kit that costs next to nothing more to fit. */
	add: async ({ params, request }) => {
		const socket = String((await request.formData()).get('socket') ?? '');
		if (params.kit === undefined || socket === '')
			return fail(400, { message: 'No lamp was named. Nothing was changed.' });
		const { answer } = await kitOr404({ id: params.id, kit: params.kit });
		const inKit = [
			...answer.lines.flatMap(({ sockets }) => sockets),
			...answer.open.map((open) => open.socket),
			socket
		];
		const sockets = socketId.array().safeParse([...new Set(inKit)]);
		if (!sockets.success) return fail(400, { message: `There is no lamp “${socket}”. Nothing was changed.` });
		const change = (order: KitOrder): KitOrder => ({ ...order, scope: 'sockets', sockets: sockets.data });
		const { kit } = params;
		return orDatabaseFailure(async () => {
			const done = await reorderKit(await kitContext(), kit, { change });
			return done.ok ? { added: true } : fail(409, { message: done.error });
		});
	},
	start: async ({ params, url }) => {
		if (params.kit === undefined) return fail(400, { message: 'Choose a kit first. Nothing was changed.' });
		const sheet = await kitOr404({ id: params.id, kit: params.kit }, url);
		const asked = { configuration: params.id, kit: params.kit, ...revisionIn(url) };
		const plan = await inThread(dataFolder(), { what: 'fitup', asked: [asked] });
		if (!plan) return fail(404, { message: 'This kit is no longer there. Nothing was changed.' });
		const id = newFittingId();
		const begun = await orDatabaseFailure(async () =>
			startFitting(await database(), sheet, { plan, id, actor: actorHere() })
		);
		if ('status' in begun) return begun;
		if (!begun.ok) return fail(409, { message: begun.error });
		redirect(303, resolve('/fittings/[fitting]', { fitting: id }));
	}
};
