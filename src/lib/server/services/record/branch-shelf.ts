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

/** Packs that have another number in their place than before: what lies at branches goes along. */
export function renamedPacks(
	before: Pick<Item, 'packs'> | null,
	after: Pick<Item, 'packs'>
): { from: string; to: string }[] {
	const [old, now] = [before?.packs ?? [], after.packs].map((packs) => new Set(packs.map(({ sku }) => sku as string)));
	return after.packs.flatMap(({ sku: to }, i) => {
		const from = before?.packs[i]?.sku;
		return from !== undefined && !now?.has(from) && !old?.has(to) ? [{ from, to }] : [];
	});
}

/** Packs as the first branch has them, by the numbers that a thing has now. */
function packsOfFirst(item: Item, first: Item | null): Map<string, Pack> {
	const packs = new Map(first?.packs.map((pack) => [pack.sku as string, pack]));
	for (const { from, to } of renamedPacks(first, item)) {
		const pack = packs.get(from);
		if (pack) packs.set(to, pack);
	}
	return packs;
}

/** A thing before it is changed at a branch: as the first branch has it, as this one sees it, and what this one keeps of its packs. */
export interface BeforeAtBranch<T extends Item> {
	first: T | null;
	seen: T | null;
	kept: ReadonlyMap<string, BranchPack>;
}

/**
 * What of a thing, as a branch sees it, is its own. A price that somebody gives is its own where it is another one than the first branch's;
 * one that nobody touched stays as it was, its own or not, also while the two are equal.
 */
export function shelfOf<T extends Item>(item: T, { first, seen, kept }: BeforeAtBranch<T>): BranchShelf {
	const known = packsOfFirst(item, first);
	const renamed = new Map(renamedPacks(seen, item).map(({ from, to }) => [to, from]));
	const ownPrice = ({ sku, price }: Pack) => {
		const was = renamed.get(sku) ?? sku;
		const isTouched = seen?.packs.find((pack) => pack.sku === was)?.price !== price;
		if (!isTouched) return kept.get(was)?.price ?? null;
		return (known.get(sku)?.price ?? price) === price ? null : price;
	};
	return {
		id: item.id,
		packs: item.packs.map((pack) => {
			const { sku, stock = null, ordered = null, shelf = null } = pack;
			return { sku, stock, ordered, price: ownPrice(pack), shelf };
		})
	};
}

/** A thing as it was changed at a branch, parted into what is the same for all and what is that branch's. */
export function parted<T extends Item>(item: T, before: BeforeAtBranch<T>): { forAll: T; shelf: BranchShelf } {
	const known = packsOfFirst(item, before.first);
	return {
		forAll: { ...item, packs: item.packs.map((pack) => packOfFirst(pack, known.get(pack.sku))) },
		shelf: shelfOf(item, before)
	};
}
