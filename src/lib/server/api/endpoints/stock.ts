import { z } from 'zod';
import { itemOfSku, sameNumber } from '../../repositories/packs';
import { findAccessory, findProduct } from '../../repositories/products';
import { readCurrency } from '../../services/policy';
import { shelvesEverywhere } from '../../services/branches';
import { ApiRefusal, endpoint } from '../api';
import { branch, money } from '../schemas';

/** What is on the shelf of a pack number. */
export const stock = endpoint({
	path: '/stock/{sku}',
	scope: 'stock',
	summary: 'What is on the shelf of a pack number',
	params: z.object({ sku: z.string().min(1).max(80) }),
	query: z.object({ branch }),
	answer: z.object({
		sku: z.string(),
		item: z.string(),
		name: z.string().nullable(),
		count: z.number().int().meta({ description: 'Pieces in a pack' }),
		price: money,
		currency: z.string(),
		packs: z.number().int().nullable().meta({ description: 'Packs on the shelf; null when nobody said' }),
		ordered: z.number().int().meta({ description: 'Packs on order with the supplier' }),
		branches: z
			.array(z.object({ branch: z.string(), name: z.string(), packs: z.number().int().nullable(), price: money }))
			.meta({ description: 'What lies at each branch of a chain; nothing where a shop stands alone' })
	}),
	run: async ({ db }, { sku }) => {
		const id = await itemOfSku(db, sku);
		const item = id === null ? null : ((await findProduct(db, id)) ?? (await findAccessory(db, id)));
		const pack = item?.packs.find((one) => sameNumber(one.sku, sku));
		if (!item || !pack) throw new ApiRefusal('not-found', `No pack has the number “${sku}”.`);
		const { count, price, stock: packs = null, ordered = 0 } = pack;
		const there = (await shelvesEverywhere(db, item.id)).filter((one) => one.sku === pack.sku);
		return {
			sku: pack.sku,
			item: item.id as string,
			name: item.name ?? null,
			count,
			price,
			currency: await readCurrency(db),
			packs,
			ordered,
			branches: there.map((one) => ({ branch: one.id, name: one.name, packs: one.stock, price: one.price }))
		};
	}
});
