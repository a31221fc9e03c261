import type { Knex } from 'knex';
import { reorderOf, type Reorder } from '../../core/cover';
import type { Accessory, Product } from '../../core/model';
import { listAccessories, listProducts } from '../repositories/products';
import { promisedPacks } from '../repositories/sales';
import { lampsFitted, packsSold } from '../repositories/went';

/** Days that are looked back at for how much goes. An assumption. */
export const LOOK_BACK_DAYS = 90;
const DAY_MS = 24 * 3600 * 1000;

/** What to order of one thing. */
export interface ReorderRow extends Reorder {
	id: string;
	name: string;
	maker: string;
}

/**
 * What to order now, by what went in the last months: sold to customers, or fitted in the bay, whichever is more, since a kit that was sold is
 * often fitted here too. The dearest order comes first.
 */
export async function whatToOrder(db: Knex, today: string): Promise<ReorderRow[]> {
	const since = new Date(Date.parse(today) - LOOK_BACK_DAYS * DAY_MS).toISOString().slice(0, 10);
	const items: (Product | Accessory)[] = [...(await listProducts(db)), ...(await listAccessories(db))];
	const offered = items.filter(({ withdrawn }) => !withdrawn);
	const [sold, fitted] = [await packsSold(db, since), await lampsFitted(db, since)];
	const promised = await promisedPacks(
		db,
		offered.flatMap(({ packs }) => packs.map(({ sku }) => sku as string)),
		{ today }
	);
	const pieces = ({ packs }: Product | Accessory, of: ReadonlyMap<string, number>) =>
		packs.reduce((sum, { sku, count }) => sum + count * (of.get(sku) ?? 0), 0);
	const rows = offered.flatMap((item): ReorderRow[] => {
		const went = Math.max(pieces(item, sold), fitted.get(item.id) ?? 0);
		const order = reorderOf(item, { pieces: went, days: LOOK_BACK_DAYS, reserved: pieces(item, promised) });
		return order
			? [{ id: item.id, name: item.name ?? item.id, maker: 'maker' in item ? (item.maker as string) : '', ...order }]
			: [];
	});
	return rows.sort((a, b) => (b.cost ?? 0) - (a.cost ?? 0) || a.id.localeCompare(b.id));
}
