import { error } from '@sveltejs/kit';
import { SYMPTOMS } from '$lib/core/learn';
import { csv } from '$lib/server/documents/csv';
import { download } from '$lib/server/download';
import { productHistory } from '$lib/server/services/product-history';
import { database } from '$lib/server/shop';
import { fileName } from '$lib/server/slug';
import type { RequestHandler } from './$types';

const LABELS = new Map<string, string>(SYMPTOMS.map(({ id, label }) => [id, label]));

/** What came back of a product, for its supplier: no customer, no price, no name of the shop's people. */
export const GET: RequestHandler = async ({ params }) => {
	const history = await productHistory(await database(), params.item);
	if (!history) error(404, { message: `Nothing in stock has the number “${params.item}”.` });
	const { product, complaints } = history;
	const rows = complaints
		.filter(({ state, remedy }) => state !== 'unread' && state !== 'set-aside' && remedy?.kind !== 'not-the-lamp')
		.map(({ id, on = '', vehicle, place, seen = [], symptom = '', causeWords, settledOn = '', state }) => [
			id,
			product.maker,
			product.id,
			on,
			vehicle,
			place,
			seen.map((one) => LABELS.get(one.symptom) ?? one.symptom).join('; ') || symptom,
			state === 'settled' ? (causeWords ?? '') : 'open',
			settledOn
		]);
	const headings = [
		'complaint',
		'maker',
		'product',
		'said on',
		'vehicle',
		'place',
		'seen',
		'cause found',
		'settled on'
	];
	const name = `returns ${product.id}`;
	return download(csv({ name, headings, rows }), `${fileName(name)}.csv`, 'text/csv; charset=utf-8');
};
