import { error, fail } from '@sveltejs/kit';
import { actorHere } from '$lib/server/actor';
import { changeAlways } from '$lib/server/db/change';
import { findKit } from '$lib/server/repositories/kits';
import { customersOf, findSale, putCustomer } from '$lib/server/repositories/sales';
import { readCustomer, readSaleAction } from '$lib/server/sale-input';
import { forgetWho, standingOf, stepSale } from '$lib/server/services/sales';
import { configurationNames } from '$lib/server/repositories/configurations';
import { database } from '$lib/server/shop';
import { shopDay } from '$lib/server/shop-time';
import type { Actions, PageServerLoad } from './$types';

/** Days a quote is kept when nobody says. An assumption. */
const USUAL_DAYS = 14;
const DAY_MS = 24 * 3600 * 1000;

export const load: PageServerLoad = async ({ params }) => {
	const db = await database();
	const sale = await findSale(db, params.sale);
	if (!sale) error(404, { message: `There is no sale “${params.sale}”.` });
	const now = new Date();
	const standing = await standingOf(db, sale, shopDay(now.toISOString()));
	return {
		sale,
		vehicle: (await configurationNames(db, [sale.configuration])).get(sale.configuration) ?? sale.configuration,
		hasKit: (await findKit(db, sale.kit)) !== null,
		customer: (await customersOf(db, [sale.id])).get(sale.id) ?? null,
		usualUntil: shopDay(new Date(now.getTime() + USUAL_DAYS * DAY_MS).toISOString()),
		standing: Object.fromEntries(standing)
	};
};

export const actions: Actions = {
	step: async ({ params, request }) => {
		const read = readSaleAction(await request.formData());
		if (!read.ok) return fail(400, { refused: read.error });
		const done = await stepSale(await database(), { id: params.sale, action: read.value }, actorHere());
		return done.ok ? { done: true } : fail(400, { refused: done.error });
	},
	customer: async ({ params, request }) => {
		const read = readCustomer(await request.formData());
		if (!read.ok) return fail(400, { refused: read.error });
		const name = read.value;
		if (name === undefined) return fail(400, { refused: 'No name or number is given.' });
		const agreedOn = shopDay(actorHere().now);
		await changeAlways(await database(), (tx) => putCustomer(tx, params.sale, { name, agreedOn }));
		return { done: true };
	},
	forget: async ({ params }) => {
		await forgetWho(await database(), params.sale);
		return { done: true };
	}
};
