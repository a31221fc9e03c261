import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import type { Configuration } from '../../core/model';
import { categoriesWorthALook, type Catalogue, type Shop } from '../../core/match';
import { rememberingLens } from '../../core/optics';
import { ASSEMBLIES, findProducts, listAccessories } from '../repositories/products';
import { shelfMarks } from '../repositories/marks';
import { readMark } from '../repositories/settings';
import { readAssumptions } from './assumptions';
import { readCurrency, readPolicy } from './policy';
import { prepared, shelfAt, type Shelf } from './shelves';

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

/** Catalogues put together and kept; their products are those of the shelves, which they share. */
const KEPT = 48;

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
export const shopRules = async (db: Knex): Promise<{ shop: Shop }> => rulesAt(db, await readMark(db, 'shop'));

async function rulesAt(db: Knex, mark: number): Promise<{ shop: Shop }> {
	const kept = keptFor(db);
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
	return { shop: kept.shop.value };
}

const categoriesOf = ({ configurations }: Scope) => [
	...[...new Set(configurations.flatMap((c) => [...categoriesWorthALook(c)]))].sort(),
	ASSEMBLIES
];

const keyOf = (shop: number, shelves: number, categories: readonly string[]) =>
	`${shop} ${shelves} ${categories.join()}`;

/** Marks of the shelves of some vehicles, and the key of all that matching needs for them. */
async function marksOf(db: Knex, scope: Scope) {
	const categories = categoriesOf(scope);
	const marks = await shelfMarks(db, categories);
	const rules = await readMark(db, 'shop');
	return { marks, rules, key: keyOf(rules, Math.max(0, ...marks.values()), categories) };
}

/** The key of what matching needs for some vehicles, without reading it. */
export const shopKey = async (db: Knex, scope: Scope): Promise<string> => (await marksOf(db, scope)).key;

/** A catalogue of shelves: nothing of them is copied. */
function standing(shelves: ReadonlyMap<string, Shelf>, through: Catalogue['through']): Catalogue {
	const all = [...shelves.values()];
	return {
		find: (id) => all.find(({ byId }) => byId.has(id))?.byId.get(id),
		byCategory: new Map(Array.from(shelves, ([category, { offered }]) => [category, offered])),
		assemblies: shelves.get(ASSEMBLIES)?.offered ?? [],
		hasFieldFacts: all.some((shelf) => shelf.hasFieldFacts),
		through
	};
}

/** A catalogue with products beside those that stand in it. */
async function withNamed(db: Knex, catalogue: Catalogue, named: Iterable<string>): Promise<Catalogue> {
	const missing = [...new Set(named)].filter((id) => !catalogue.find(id));
	if (missing.length === 0) return catalogue;
	const others = new Map((await prepared(db, await findProducts(db, missing))).map((c) => [c.record.id as string, c]));
	return { ...catalogue, find: (id) => catalogue.find(id) ?? others.get(id) };
}

/** What matching needs of the shop, for some vehicles and no more. */
export async function shopData(db: Knex, scope: Scope): Promise<ShopData> {
	const kept = keptFor(db);
	const { marks, rules, key } = await marksOf(db, scope);
	const { shop } = await rulesAt(db, rules);
	let catalogue = kept.catalogues.get(key);
	if (!catalogue) {
		const shelves = new Map<string, Shelf>();
		for (const [category, mark] of marks) shelves.set(category, await shelfAt(db, category, mark));
		catalogue = standing(shelves, kept.through);
		kept.catalogues.set(key, catalogue);
	}
	return { catalogue: await withNamed(db, catalogue, scope.products ?? []), shop, key };
}
