import type { Knex } from 'knex';
import type { KitAnswer } from '../../../core/kit';
import type { Configuration, KitOrder } from '../../../core/model';
import { withEveryShelf } from '../../db/branch';
import { shopData, type ShopData } from '../catalogue';

/** Products an order and its answer name. */
export function productsIn({ order, answer }: { order: KitOrder; answer?: KitAnswer }): string[] {
	const chosen = Object.values(order.choices).flatMap((c) => (c.kind === 'product' ? c.product : []));
	const banned = (order.forbidden ?? []).map(({ product }) => product);
	const inHand = Object.values(order.has?.lamps ?? {});
	return [...chosen, ...banned, ...inHand, ...(answer?.lines ?? []).flatMap(({ product }) => product ?? [])];
}

/** Data as an order looks at them: with the shelf of its branch, or with those of all. */
export const asOrdered = (db: Knex, { everyShelf = false }: Pick<KitOrder, 'everyShelf'>): Knex =>
	everyShelf ? withEveryShelf(db) : db;

/** What a kit is worked out from: everything that may go into its vehicle, and what the order names. */
export const dataToChooseFrom = (
	db: Knex,
	configuration: Configuration,
	kit: { order: KitOrder; answer?: KitAnswer }
): Promise<ShopData> =>
	shopData(asOrdered(db, kit.order), { configurations: [configuration], products: productsIn(kit) });

/** What a kit that is worked out stands on: what is in it and what its order names, and no more. */
export const dataOfKit = (db: Knex, kit: { order: KitOrder; answer: KitAnswer }): Promise<ShopData> =>
	shopData(asOrdered(db, kit.order), { configurations: [], products: productsIn(kit) });
