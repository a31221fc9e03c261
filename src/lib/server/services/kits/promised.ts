import type { Knex } from 'knex';
import { productCase, type ProductCase } from '../../../core/match';
import type { KitOrder } from '../../../core/model';
import { seenFrom } from '../../db/branch';
import { listBranches } from '../../repositories/branches';
import { everyPackPromised } from '../../repositories/sales';
import { shopDay } from '../../shop-time';
import type { ShopData } from '../catalogue';

/** How many packs of which number. */
export type Packs = Readonly<Record<string, number>>;

/** Packs that customers were promised with other kits, where an order looks for its packs: at its branch, or at all that are open. */
export async function promisedToOthers(
	{ db, now }: { db: Knex; now: () => string },
	{ order, kit }: { order: Pick<KitOrder, 'everyShelf'>; kit?: string }
): Promise<Packs> {
	const open = order.everyShelf ? (await listBranches(db)).filter(({ closed }) => !closed) : [];
	const places = open.length === 0 ? [db] : open.map(({ id, first }) => seenFrom(db, first ? null : id));
	const sums = new Map<string, number>();
	for (const place of places) {
		const there = await everyPackPromised(place, { today: shopDay(now()), butOf: kit });
		for (const [sku, packs] of Object.entries(there)) sums.set(sku, packs + (sums.get(sku) ?? 0));
	}
	return Object.fromEntries(sums);
}

/** Shop data in which packs that others were promised do not lie on the shelf. */
export function withoutPromised({ catalogue, shop }: ShopData, promised: Packs): Pick<ShopData, 'catalogue' | 'shop'> {
	if (Object.keys(promised).length === 0) return { catalogue, shop };
	const left = <T extends { packs: { sku: string; stock?: number }[] }>(item: T): T =>
		item.packs.some(({ sku }) => promised[sku])
			? { ...item, packs: item.packs.map((pack) => ({ ...pack, ...stockLeft(pack, promised) })) }
			: item;
	const known = new Map<ProductCase, ProductCase>();
	const leftOf = (one: ProductCase): ProductCase => {
		const record = left(one.record);
		if (record === one.record) return one;
		const there = known.get(one) ?? productCase(record, one);
		known.set(one, there);
		return there;
	};
	return {
		catalogue: {
			...catalogue,
			find: (id) => {
				const found = catalogue.find(id);
				return found && leftOf(found);
			},
			byCategory: new Map(Array.from(catalogue.byCategory, ([category, all]) => [category, all.map(leftOf)])),
			assemblies: catalogue.assemblies.map(leftOf)
		},
		shop: { ...shop, accessories: shop.accessories.map(left) }
	};
}

/** What is left of a pack on the shelf; a pack that nobody counts is always there. */
const stockLeft = ({ sku, stock }: { sku: string; stock?: number }, promised: Packs) =>
	stock === undefined ? {} : { stock: Math.max(0, stock - (promised[sku] ?? 0)) };
