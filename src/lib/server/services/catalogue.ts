import type { Knex } from 'knex';
import { compileCatalogue, type Catalogue, type Shop } from '../../core/match';
import { listAccessories, listProducts } from '../repositories/products';
import { dataVersion } from '../repositories/settings';
import { readPolicy } from './policy';

/** What matching needs of the shop, prepared once per data version. */
export interface ShopData {
	catalogue: Catalogue;
	shop: Shop;
	version: number;
}

const prepared = new WeakMap<Knex, ShopData>();

/** Products, accessories and policy, read and compiled again only when data changed, also by another process. */
export async function shopData(db: Knex): Promise<ShopData> {
	const version = await dataVersion(db);
	const known = prepared.get(db);
	if (known?.version === version) return known;
	const [products, accessories, policy] = [await listProducts(db), await listAccessories(db), await readPolicy(db)];
	const fresh = { catalogue: compileCatalogue(products), shop: { policy, accessories }, version };
	prepared.set(db, fresh);
	return fresh;
}
