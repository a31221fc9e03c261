import { error, fail, redirect } from '@sveltejs/kit';
import { resolve } from '$app/paths';
import { actorHere } from '$lib/server/actor';
import { dataFolder } from '$lib/server/config';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { listFittings } from '$lib/server/repositories/fittings';
import { kitRows } from '$lib/server/services/kits';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import { startFitting } from '$lib/server/services/fittings';
import { database, newFittingId } from '$lib/server/shop';
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
	const { id, name, state, code, revision, stale } = sheet;
	return { kits: list, fittings, kit: { id, name, state, code, revision, stale }, plan };
};

export const actions: Actions = {
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
