import { error } from '@sveltejs/kit';
import { SYMPTOMS } from '$lib/core/learn';
import { productHistory } from '$lib/server/services/product-history';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
	const history = await productHistory(await database(), params.item);
	if (!history) error(404, { message: `Nothing in stock has the number “${params.item}”.` });
	const { product, ...rest } = history;
	return {
		...rest,
		id: product.id as string,
		title: `${product.maker} ${product.name}`,
		life: product.life ?? null,
		labels: Object.fromEntries(SYMPTOMS.map(({ id, label }) => [id as string, label]))
	};
};
