import { error, fail, redirect, type Cookies } from '@sveltejs/kit';
import { shopDay } from '$lib/server/shop-time';
import { z } from 'zod';
import { resolve } from '$app/paths';
import { VERDICTS } from '$lib/core/match';
import { productId } from '$lib/core/model';
import { CANDIDATE_ORDERS } from '$lib/core/views';
import { orderNow } from '$lib/server/kept-order';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { personHere } from '$lib/server/actor';
import { changeAssumptions } from '$lib/server/services/assumptions';
import { chooseInKit, draftFor } from '$lib/server/services/kits';
import { FIRST_ROWS, matchWish, showMatch, type MatchWish } from '$lib/server/services/match';
import { showSocket } from '$lib/server/services/vehicle';
import { database, kitContext } from '$lib/server/shop';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, parent, url, cookies }) => {
	const db = await database();
	if (params.socket === undefined) {
		const first = (await parent()).vehicle.sockets[0];
		if (!first)
			error(404, { message: 'This vehicle has no socket on record yet.', kept: 'Import it again with its sockets.' });
		redirect(307, resolve('/vehicles/[id]/match/[[socket]]', { id: params.id, socket: first.id }));
	}
	const wish = readWish({ url, cookies }, params.socket);
	const [socket, match] = [await showSocket(db, params.id, params.socket), await showMatch(db, params.id, wish)];
	if (!socket || !match) error(404, { message: `This vehicle has no socket “${params.socket}”.` });
	return { socket, match, wish };
};

/** Rows at most, whatever an address says. */
const MOST_ROWS = 600;
const MOST_LOOKED_AT = 5;
const MOST_TYPED = 100;

/** What an address wants to see of a socket's candidates, in the order this person last chose. */
function readWish({ url, cookies }: { url: URL; cookies: Cookies }, socket: string): MatchWish {
	const asked = url.searchParams;
	const said = (name: string) => asked.get(name) ?? '';
	const hidden = said('without').split(',');
	const rows = Number(said('rows'));
	return matchWish(socket, {
		typed: said('f').slice(0, MOST_TYPED),
		verdicts: VERDICTS.filter((verdict) => !hidden.includes(verdict)),
		...orderNow({ url, cookies }, 'match', CANDIDATE_ORDERS),
		most: rows > FIRST_ROWS ? Math.min(rows, MOST_ROWS) : FIRST_ROWS,
		looked: [said('product'), ...said('with').split(',')].filter(Boolean).slice(0, MOST_LOOKED_AT),
		why: said('why').slice(0, MOST_TYPED)
	});
}

const chosen = z.object({ product: productId });

export const actions: Actions = {
	choose: async ({ request, params }) => {
		const read = chosen.safeParse(Object.fromEntries(await request.formData()));
		if (!read.success || params.socket === undefined)
			return fail(400, { message: 'No product was named. Nothing was changed.' });
		const { socket } = params;
		return orDatabaseFailure(async () => {
			const ctx = await kitContext();
			const kit = await draftFor(ctx, params.id, socket);
			if (!kit.ok) return fail(404, { message: kit.error });
			const choice = { kind: 'product' as const, product: read.data.product };
			const done = await chooseInKit(ctx, kit.value.id, { socketId: socket, choice });
			if (!done.ok) return fail(409, { message: done.error });
			return { kit: done.value.id, name: done.value.name, total: done.value.answer.total };
		});
	},
	assume: async ({ request }) => {
		const { source = '', ...values } = Object.fromEntries(await request.formData());
		const by = personHere();
		const on = shopDay(new Date().toISOString());
		const changes = Object.entries(values).map(([id, value]) => ({
			id,
			set: { value: Number(value), source: String(source), on, ...(by ? { by } : {}) }
		}));
		return orDatabaseFailure(async () => {
			const done = await changeAssumptions(await database(), changes);
			if (!done.ok) return fail(400, { message: done.error });
			return { assumed: 'Kept for the shop: every verdict is worked out with it now.' };
		});
	}
};
