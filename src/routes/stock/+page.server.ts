import { readClaims } from '$lib/core/claims';
import { colourWord } from '$lib/core/views';
import { deratedFlux } from '$lib/core/optics';
import { shopData } from '$lib/server/services/catalogue';
import { database } from '$lib/server/shop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const { catalogue, shop } = await shopData(await database());
	return {
		products: catalogue.all.map(({ record: p, complaints }) => ({
			withdrawn: p.withdrawn === true,
			complaints,
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
		accessories: shop.accessories.map((a) => ({
			id: a.id,
			name: a.name ?? a.id,
			kind: a.kind,
			scope: a.scope,
			packs: a.packs.map(({ sku, count, price, stock }) => ({ sku, count, price, stock: stock ?? null }))
		}))
	};
};
