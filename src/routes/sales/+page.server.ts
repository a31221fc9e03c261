import { SALE_STATES } from '$lib/core/sale';
import { customersOf, listSales } from '$lib/server/repositories/sales';
import { pageFrom } from '$lib/server/page-of';
import { configurationNames } from '$lib/server/repositories/configurations';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const EACH = 50;
const OPEN = ['quoted', 'ordered', 'picked'] as const;

export const load: PageServerLoad = async ({ url }) => {
	const db = await database();
	const { from } = pageFrom(url, EACH);
	const isAll = url.searchParams.has('all');
	const { sales, total } = await listSales(db, { states: isAll ? SALE_STATES : OPEN, from, most: EACH });
	const names = await configurationNames(
		db,
		sales.map(({ configuration }) => configuration)
	);
	const customers = await customersOf(
		db,
		sales.map(({ id }) => id)
	);
	return {
		isAll,
		from,
		each: EACH,
		total,
		sales: sales.map(({ id, state, configuration, total: price, reservedUntil, quotedOn }) => ({
			id,
			state,
			vehicle: names.get(configuration) ?? configuration,
			price,
			reservedUntil,
			quotedOn,
			customer: customers.get(id)?.name ?? null
		}))
	};
};
