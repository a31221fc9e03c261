import { counted, readNumber } from '$lib/core/quantity';
import { error, fail } from '@sveltejs/kit';
import { shopDay } from '$lib/server/shop-time';
import { z } from 'zod';
import { readClaims } from '$lib/core/claims';
import {
	evidence as evidenceSchema,
	type Product,
	factOf,
	factsWithEvidence,
	keepsEvidence,
	isNumeric
} from '$lib/core/model';
import { formValues, stockForm } from '$lib/core/exchange';
import { deratedFlux } from '$lib/core/optics';
import { recordedFacts } from '$lib/core/views';
import { orDatabaseFailure } from '$lib/server/or-database-failure';
import { readCurrency } from '$lib/server/services/policy';
import { actorHere } from '$lib/server/actor';
import { openComplaints } from '$lib/server/repositories/complaints';
import { lastEvent } from '$lib/server/repositories/events';
import { bringOver } from '$lib/server/services/bring-over';
import { shelvesEverywhere } from '$lib/server/services/branches';
import { historyOf, stepHistory } from '$lib/server/services/record/history';
import { ACCESSORIES, eventNames, PRODUCTS } from '$lib/server/services/record/store';
import {
	addProductEvidence,
	CONFLICT,
	findStock,
	saveAccessory,
	saveProduct,
	type Written
} from '$lib/server/services/stock';
import { database } from '$lib/server/shop';
import { stockInput } from '$lib/server/stock-input';
import type { Actions, PageServerLoad } from './$types';

const isProduct = (item: object): item is Product => 'maker' in item;

async function found(id: string) {
	const db = await database();
	const item = await findStock(db, id);
	if (!item) error(404, { message: `Nothing in stock has the number “${id}”.` });
	return { db, item };
}

export const load: PageServerLoad = async ({ params, locals }) => {
	const { db, item } = await found(params.item);
	const shelf = isProduct(item) ? ('products' as const) : ('accessories' as const);
	const history = isProduct(item) ? await historyOf(db, PRODUCTS, item.id) : await historyOf(db, ACCESSORIES, item.id);
	return {
		id: item.id as string,
		title: isProduct(item) ? `${item.maker} ${item.name}` : (item.name ?? item.id),
		shelf,
		form: stockForm(shelf),
		values: formValues(shelf, item),
		packs: item.packs.map(({ sku, count, price, stock }) => ({ sku, count, price, stock: stock ?? null })),
		branch: locals.workplace.name,
		everywhere: locals.workplace.name === null ? [] : await shelvesEverywhere(db, item.id),
		withdrawn: item.withdrawn === true,
		history,
		product: isProduct(item)
			? {
					claims: readClaims(item),
					derated: deratedFlux(item),
					facts: recordedFacts('product', item).filter((fact) => fact.value !== null || fact.sayings.length > 0),
					choices: Object.entries(factsWithEvidence('product')).map(([id, { label, unit }]) => ({
						id,
						label,
						unit: unit ?? ''
					})),
					open: (await openComplaints(db, [item.id])).get(item.id) ?? 0
				}
			: null
	};
};

/** The event the person saw last; one that is not said is none, so that nothing is written over unseen. */
const sawIn = (form: FormData) => Number(form.get('saw') ?? 0) || 0;

const answered = (written: Written, done: string, latest = 0) => {
	if (written.ok) return { done };
	const moved = written.error.some(({ path }) => path === CONFLICT);
	return fail(moved ? 409 : 400, { problems: written.error, message: 'Nothing was changed.', moved, latest });
};

const evidenceForm = z.object({
	fact: z.string(),
	value: z.string().trim().min(1),
	source: z.string(),
	note: z.string().default('')
});

export const actions: Actions = {
	save: async ({ params, request }) => {
		const { db, item } = await found(params.item);
		const shelf = isProduct(item) ? 'products' : 'accessories';
		const form = await request.formData();
		const read = stockInput(shelf, { before: item, currency: await readCurrency(db) }, form);
		if (!read.ok) return fail(400, { problems: read.error, message: 'Nothing was changed.' });
		const save = shelf === 'products' ? saveProduct : saveAccessory;
		return orDatabaseFailure(async () =>
			answered(
				await save(db, { input: { ...read.value, id: item.id }, isNew: false, base: sawIn(form) }, actorHere()),
				'Saved.',
				await lastEvent(
					db,
					...(isProduct(item) ? eventNames(db, PRODUCTS, item.id) : eventNames(db, ACCESSORIES, item.id))
				)
			)
		);
	},
	evidence: async ({ params, request }) => {
		const { db } = await found(params.item);
		const read = evidenceForm.safeParse(Object.fromEntries(await request.formData()));
		if (!read.success) return fail(400, { problems: [], message: 'Give a value. Nothing was changed.' });
		const { fact, value, source, note } = read.data;
		const definition = keepsEvidence('product', fact) ? factOf('product', fact) : null;
		const number = readNumber(value);
		if (!definition) return fail(400, { problems: [], message: 'Choose a fact. Nothing was changed.' });
		if (isNumeric(definition) && number === null)
			return fail(400, { problems: [], message: `${definition.label} must be a number. Nothing was changed.` });
		const actor = actorHere();
		const item = evidenceSchema.safeParse({
			fact,
			value: isNumeric(definition) ? number : value,
			source,
			on: shopDay(actor.now),
			...(actor.by ? { by: actor.by } : {}),
			...(note ? { note } : {})
		});
		if (!item.success) return fail(400, { problems: [], message: 'Choose a source. Nothing was changed.' });
		return orDatabaseFailure(async () =>
			answered(await addProductEvidence(db, { id: params.item, item: item.data }, actor), 'Taken into the evidence.')
		);
	},
	bring: async ({ params, request, locals }) => {
		const { db, item } = await found(params.item);
		const form = await request.formData();
		const asked = {
			id: item.id as string,
			sku: String(form.get('sku') ?? ''),
			packs: Number(form.get('packs') || NaN),
			from: String(form.get('from') ?? '') || null,
			to: locals.workplace.branch
		};
		return orDatabaseFailure(async () => {
			const brought = await bringOver(db, asked, actorHere());
			return brought.ok
				? { done: `${counted(brought.value, 'pack')} of ${asked.sku} written to this shelf.` }
				: fail(400, { problems: [], message: `${brought.error} Nothing was changed.` });
		});
	},
	step: async ({ params, request }) => {
		const { db, item } = await found(params.item);
		const form = await request.formData();
		const way = form.get('way') === 'redo' ? ('redo' as const) : ('undo' as const);
		const base = sawIn(form);
		return orDatabaseFailure(async () => {
			const actor = actorHere();
			const done = isProduct(item)
				? await stepHistory(db, PRODUCTS, { id: item.id, way, base, actor })
				: await stepHistory(db, ACCESSORIES, { id: item.id, way, base, actor });
			return done.ok ? { done: done.value } : fail(409, { problems: [], message: done.error });
		});
	}
};
