import { readClaims } from '$lib/core/claims';
import { colourWord } from '$lib/core/views';
import { deratedFlux } from '$lib/core/optics';
import { orderNow } from '$lib/server/kept-order';
import { pageFrom } from '$lib/server/page-of';
import {
	MOST_FOUND,
	pageOfAccessories,
	pageOfProducts,
	searchStock,
	STOCK_ORDERS
} from '$lib/server/repositories/stock-pages';
import { openComplaints } from '$lib/server/repositories/complaints';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

const EACH = 60;

export const load: PageServerLoad = async ({ url, cookies }) => {
	const db = await database();
	const { typed, from } = pageFrom(url, EACH);
	const doubted = url.searchParams.has('doubted');
	const { by, down } = orderNow({ cookies, url }, 'stock', STOCK_ORDERS);
	const found = await searchStock(db, typed);
	const products = await pageOfProducts(db, { found, from, most: EACH, doubted, by, down });
	const accessories = await pageOfAccessories(db, { found, from, most: EACH });
	const complaints = await openComplaints(
		db,
		products.rows.map(({ id }) => id)
	);
	return {
		typed,
		from,
		each: EACH,
		doubted,
		by,
		down,
		more: found?.length === MOST_FOUND,
		total: { products: products.total, accessories: accessories.total },
		products: products.rows.map((p) => ({
			withdrawn: p.withdrawn === true,
			complaints: complaints.get(p.id) ?? 0,
			id: p.id,
			maker: p.maker,
			name: p.name,
			fits: p.fits.join(', '),
			light: colourWord(p),
			watts: p.power?.at13v5 ?? null,
			claimed: p.flux?.claimed == null ? null : `${p.flux.claimed} lm per ${p.flux.per ?? 'lamp'}`,
			derated: deratedFlux(p),
			claims: readClaims(p).filter((claim) => claim.level !== 'plausible'),
			packs: p.packs.map(({ sku, count, price, stock }) => ({ sku, count, price, stock: stock ?? null }))
		})),
		accessories: accessories.rows.map((a) => ({
			id: a.id,
			name: a.name ?? a.id,
			kind: a.kind,
			scope: a.scope,
			packs: a.packs.map(({ sku, count, price, stock }) => ({ sku, count, price, stock: stock ?? null }))
		}))
	};
};
