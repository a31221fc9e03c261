import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import type { Configuration } from '../../core/model';
import { catalogueOf, categoriesWorthALook, type Catalogue, type Shop } from '../../core/match';
import { rememberingLens } from '../../core/optics';
import { ASSEMBLIES, findProducts, listAccessories } from '../repositories/products';
import { shelfMarks } from '../repositories/marks';
import { readMark } from '../repositories/settings';
import { readAssumptions } from './assumptions';
import { readCurrency, readPolicy } from './policy';
import { fromShelves, prepared } from './shelves';

/** What matching needs of the shop for some vehicles. */
export interface ShopData {
	/** Products worth a look for any of their sockets, assemblies, and those that were named. */
	catalogue: Catalogue;
	shop: Shop;
	/** Equal as long as nothing of all that has changed. */
	key: string;
}

/** For whom: vehicles, and products named by their ids, whatever they are made for. */
export interface Scope {
	configurations: readonly Pick<Configuration, 'sockets'>[];
	products?: Iterable<string>;
}

/** Catalogues put together and kept; each holds products of the shelves, which they share. */
const KEPT = 12;

interface Kept {
	shop?: { mark: number; value: Shop };
	catalogues: LRUCache<string, Catalogue>;
	through: Catalogue['through'];
}

const known = new WeakMap<Knex, Kept>();

function keptFor(db: Knex): Kept {
	const there = known.get(db);
	if (there) return there;
	const fresh: Kept = { catalogues: new LRUCache({ max: KEPT }), through: rememberingLens() };
	known.set(db, fresh);
	return fresh;
}

/** Accessories, policy, assumptions and currency, read again only when one of them changed, also by another process. */
export async function shopRules(db: Knex): Promise<{ shop: Shop; mark: number }> {
	const kept = keptFor(db);
	const mark = await readMark(db, 'shop');
	if (kept.shop?.mark !== mark) {
		const [accessories, policy] = [await listAccessories(db), await readPolicy(db)];
		const value: Shop = {
			policy,
			accessories: accessories.filter((a) => !a.withdrawn),
			currency: await readCurrency(db),
			assumptions: await readAssumptions(db)
		};
		kept.shop = { mark, value };
	}
	return { shop: kept.shop.value, mark };
}

const categoriesOf = ({ configurations }: Scope) => [
	...[...new Set(configurations.flatMap((c) => [...categoriesWorthALook(c)]))].sort(),
	ASSEMBLIES
];

const keyOf = (shop: number, shelves: number, categories: readonly string[]) =>
	`${shop} ${shelves} ${categories.join()}`;

/** The key of what matching needs for some vehicles, without reading it. */
export async function shopKey(db: Knex, scope: Scope): Promise<string> {
	const categories = categoriesOf(scope);
	const marks = await shelfMarks(db, categories);
	return keyOf(await readMark(db, 'shop'), Math.max(0, ...marks.values()), categories);
}

/** What matching needs of the shop, for some vehicles and no more. */
export async function shopData(db: Knex, scope: Scope): Promise<ShopData> {
	const { products = [] } = scope;
	const kept = keptFor(db);
	const { shop, mark } = await shopRules(db);
	const categories = categoriesOf(scope);
	const shelves = await fromShelves(db, categories);
	const key = keyOf(mark, shelves.mark, categories);
	const named = [...new Set(products)].filter((id) => !shelves.cases.has(id));
	if (named.length > 0) {
		const others = await prepared(db, await findProducts(db, named));
		return { catalogue: catalogueOf([...shelves.cases.values(), ...others], kept.through), shop, key };
	}
	const catalogue = kept.catalogues.get(key) ?? catalogueOf(shelves.cases.values(), kept.through);
	kept.catalogues.set(key, catalogue);
	return { catalogue, shop, key };
}
