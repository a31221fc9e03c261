import { fail } from '@sveltejs/kit';
import { shopDay } from '$lib/server/shop-time';
import { z } from 'zod';
import { accessoryId, label, policyException, productId, socketId, type KitOrder } from '$lib/core/model';
import type { Result } from '$lib/core/result';
import { PAPERS } from '$lib/server/documents/papers';
import { readCurrency } from '$lib/server/services/policy';
import { orderIn } from '$lib/server/kit-forms';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { actorHere, personHere } from '$lib/server/actor';
import { bringKit, NOTHING_TO_BRING, toBring } from '$lib/server/services/bring-over';
import {
	addRunnersUp,
	alsoFor,
	alternativesFor,
	CHANGED_MEANWHILE,
	namesIn,
	checkDraft,
	chooseInKit,
	dropRevision,
	forbidInKit,
	pricesFor,
	releaseKit,
	renameKit,
	reorderKit,
	reviseKit,
	setAlso,
	type KitContext
} from '$lib/server/services/kits';
import { kitOr404 } from '$lib/server/services/kits/or-404';
import { lastQuoted } from '$lib/server/services/supplier';
import { database, kitContext } from '$lib/server/shop';
import { Stopped } from '$lib/server/solver/highs';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url, locals }) => {
	const sheet = await kitOr404(params, url);
	const { configuration, answer: _answer, records: _records, ...shown } = sheet;
	const place = url.searchParams.get('place');
	const { branch, name: at } = locals.workplace;
	const isLast = sheet.revision >= sheet.revisions.length;
	return {
		...shown,
		papers: PAPERS.map(({ name, label, contents }) => ({ name, label, contents })),
		names: await namesIn(await database(), sheet),
		person: personHere() ?? '',
		at,
		toBring: isLast
			? await toBring(
					await database(),
					{ id: sheet.id, branch, answer: sheet.answer },
					shopDay(new Date().toISOString())
				)
			: NOTHING_TO_BRING,
		quoted: sheet.state === 'released' ? null : await lastQuoted(await database()),
		functions: [...new Set(configuration.sockets.flatMap((s) => s.functions))],
		place: place && sheet.state !== 'released' ? await alternativesFor(await database(), sheet, place) : null
	};
};

const bad = (message: string) => fail(400, { message: `${message} Nothing was changed.` });

/** Does what a form asks of a kit: done, or one sentence why not. */
const doing = <T>(work: (ctx: KitContext) => Promise<Result<T, string>>) =>
	orDatabaseFailure(async () => {
		try {
			const done = await work(await kitContext());
			if (done.ok) return { done: true };
			return fail(409, { message: done.error, moved: done.error.startsWith(CHANGED_MEANWHILE) });
		} catch (error) {
			if (error instanceof Stopped) return fail(409, { message: error.message });
			throw error;
		}
	});

async function fields<T>(request: Request, schema: z.ZodType<T>): Promise<T | null> {
	const read = schema.safeParse(Object.fromEntries(await request.formData()));
	return read.success ? read.data : null;
}

const naming = z.object({ name: label, was: z.string().optional() });

/** The sign of what the person saw; a form without it is older than the page, and is held to be so. */
const sawIn = (form: FormData) => String(form.get('saw') ?? '');
const atPlace = z.object({ socket: socketId });
const leaving = z.object({ socket: socketId, reason: label });
const choosing = z.object({ socket: socketId, product: productId });
const banning = z.object({ product: productId, socket: z.string() });
const owning = z.object({ accessory: accessoryId, pieces: z.coerce.number().int().min(0).max(1000) });

type Has = NonNullable<KitOrder['has']>;

/** Changes what the customer already has. */
const having = (change: (has: Has) => Has) => (order: KitOrder) => ({
	...order,
	has: change(order.has ?? { lamps: {}, parts: {} })
});

/** A record without an entry, or with it when there was none. */
function toggled<T>(record: Record<string, T>, key: string, value: T): Record<string, T> {
	const { [key]: there, ...rest } = record;
	return there === undefined ? { ...record, [key]: value } : rest;
}

export const actions: Actions = {
	rename: async ({ request, params }) => {
		const read = await fields(request, naming);
		return read
			? doing((ctx) => renameKit(ctx, params.kit, { name: read.name, saw: read.was }))
			: bad('A name has 1 to 200 characters.');
	},
	order: async ({ request, params }) => {
		const form = await request.formData();
		const change = orderIn(form, await readCurrency(await database()));
		if (!change)
			return bad('The budget must be an amount such as 249.90, and the white a number of kelvin such as 4300.');
		return doing((ctx) => reorderKit(ctx, params.kit, { change, sight: sawIn(form) }));
	},
	choose: async ({ request, params }) => {
		const read = await fields(request, choosing);
		if (!read) return bad('No product was named.');
		return doing((ctx) =>
			chooseInKit(ctx, params.kit, { socketId: read.socket, choice: { kind: 'product', product: read.product } })
		);
	},
	free: async ({ request, params }) => {
		const read = await fields(request, atPlace);
		return read
			? doing((ctx) => chooseInKit(ctx, params.kit, { socketId: read.socket, choice: null }))
			: bad('No socket was named.');
	},
	leave: async ({ request, params }) => {
		const read = await fields(request, leaving);
		if (!read) return bad('Give a reason for leaving the socket stock.');
		return doing((ctx) =>
			chooseInKit(ctx, params.kit, { socketId: read.socket, choice: { kind: 'stock', reason: read.reason } })
		);
	},
	forbid: async ({ request, params }) => {
		const read = await fields(request, banning);
		if (!read) return bad('No product was named.');
		return doing((ctx) => forbidInKit(ctx, params.kit, { product: read.product, socket: read.socket || null }));
	},
	has: async ({ request, params }) => {
		const read = await fields(request, choosing);
		if (!read) return bad('No lamp was named.');
		const change = having((has) => ({ ...has, lamps: toggled(has.lamps, read.socket, read.product) }));
		return doing((ctx) => reorderKit(ctx, params.kit, { change }));
	},
	own: async ({ request, params }) => {
		const read = await fields(request, owning);
		if (!read) return bad('Say how many pieces, from 0 to 1000.');
		const change = having(({ lamps, parts: { [read.accessory]: _old, ...rest } }) => ({
			lamps,
			parts: read.pieces === 0 ? rest : { ...rest, [read.accessory]: read.pieces }
		}));
		return doing((ctx) => reorderKit(ctx, params.kit, { change }));
	},
	reach: async ({ params }) =>
		doing((ctx) => reorderKit(ctx, params.kit, { change: (order) => ({ ...order, everyShelf: true }) })),
	bring: async ({ request, params }) => {
		const sign = String((await request.formData()).get('sign') ?? '');
		return doing(({ db }) => bringKit(db, params.kit, { sign, actor: actorHere() }));
	},
	except: async ({ request, params }) => {
		const form = Object.fromEntries(await request.formData());
		const read = policyException.safeParse({ ...form, on: shopDay(new Date().toISOString()) });
		if (!read.success) return bad('An exception wants a name, and words that will stand on the kit.');
		return doing((ctx) => reorderKit(ctx, params.kit, { change: (order) => ({ ...order, exception: read.data }) }));
	},
	unexcept: async ({ params }) =>
		doing((ctx) => reorderKit(ctx, params.kit, { change: ({ exception: _exception, ...order }) => order })),
	runners: async ({ params }) => doing((ctx) => addRunnersUp(ctx, params.kit)),
	prices: async ({ params }) =>
		orDatabaseFailure(async () => {
			try {
				const prices = await pricesFor(await kitContext(), params.kit);
				return prices.ok ? { prices: prices.value } : fail(409, { message: prices.error });
			} catch (error) {
				if (error instanceof Stopped) return fail(409, { message: error.message });
				throw error;
			}
		}),
	check: async ({ request, params }) => {
		const form = await request.formData();
		const by = String(form.get('by') ?? '').trim();
		const found = Object.fromEntries(
			[...form].flatMap(([name, value]) => (name.startsWith('found ') ? [[name.slice(6), String(value)]] : []))
		);
		if (by.length > 200 || Object.values(found).some((text) => text.length > 300))
			return bad('A name or a finding is too long.');
		return doing((ctx) => checkDraft(ctx, params.kit, { by, found, sight: sawIn(form) }));
	},
	others: async ({ params }) =>
		orDatabaseFailure(async () => {
			const others = await alsoFor(await kitContext(), params.kit);
			return others.ok ? { others: others.value } : fail(409, { message: others.error });
		}),
	also: async ({ request, params }) => {
		const form = await request.formData();
		const ids = form.getAll('also').map(String);
		return doing((ctx) => setAlso(ctx, params.kit, { ids, sight: sawIn(form) }));
	},
	release: async ({ request, params }) => {
		const saw = sawIn(await request.formData());
		return doing((ctx) => releaseKit(ctx, params.kit, saw));
	},
	revise: async ({ params }) => doing((ctx) => reviseKit(ctx, params.kit)),
	drop: async ({ request, params }) => {
		const saw = sawIn(await request.formData());
		return doing((ctx) => dropRevision(ctx, params.kit, saw));
	}
};
