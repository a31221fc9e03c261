import type { Accessory, Pack, Product } from '../../../core/model';
import { packAt, type BranchPack } from '../../repositories/branch-packs';

type Item = Product | Accessory;

/** What a branch keeps of a thing of the stock by itself. */
export interface BranchShelf {
	id: string;
	packs: BranchPack[];
}

/** The pack as the first branch has it; one that it does not know it has none of, where anybody counts. */
function packOfFirst(pack: Pack, first: Pack | undefined): Pack {
	if (!first) return packAt(pack, undefined);
	const { stock: _stock, ordered: _ordered, shelf: _shelf, ...rest } = pack;
	return {
		...rest,
		price: first.price,
		...(first.stock === undefined ? {} : { stock: first.stock }),
		...(first.ordered === undefined ? {} : { ordered: first.ordered }),
		...(first.shelf === undefined ? {} : { shelf: first.shelf })
	};
}

/** What of a thing, as a branch sees it, is its own: a price only where it is another one. */
export function shelfOf(item: Item, first: Item | null): BranchShelf {
	const prices = new Map(first?.packs.map(({ sku, price }) => [sku, price]));
	return {
		id: item.id,
		packs: item.packs.map(({ sku, stock = null, ordered = null, price, shelf = null }) => ({
			sku,
			stock,
			ordered,
			price: (prices.get(sku) ?? price) === price ? null : price,
			shelf
		}))
	};
}

/** A thing as it was changed at a branch, parted into what is the same for all and what is that branch's. */
export function parted<T extends Item>(item: T, first: T | null): { forAll: T; shelf: BranchShelf } {
	const known = new Map(first?.packs.map((pack) => [pack.sku, pack]));
	return {
		forAll: { ...item, packs: item.packs.map((pack) => packOfFirst(pack, known.get(pack.sku))) },
		shelf: shelfOf(item, first)
	};
}
