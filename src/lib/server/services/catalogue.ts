import type { Knex } from 'knex';
import { compileCatalogue, type Catalogue, type Shop } from '../../core/match';
import { listAccessories, listProducts } from '../repositories/products';
import { catalogueVersion, dataVersion } from '../repositories/settings';
import { readPolicy } from './policy';

/** What matching needs of the shop, prepared once per data version. */
export interface ShopData {
	catalogue: Catalogue;
	shop: Shop;
	version: number;
}

const prepared = new WeakMap<Knex, Pick<ShopData, 'catalogue' | 'shop'> & { of: number }>();

/** Products, accessories and policy, read and compiled again only when one of them changed, also by another process. */
export async function shopData(db: Knex): Promise<ShopData> {
	const [version, of] = [await dataVersion(db), await catalogueVersion(db)];
	const known = prepared.get(db);
	if (known?.of === of) return { catalogue: known.catalogue, shop: known.shop, version };
	const [products, accessories, policy] = [await listProducts(db), await listAccessories(db), await readPolicy(db)];
	const fresh = { catalogue: compileCatalogue(products), shop: { policy, accessories } };
	prepared.set(db, { ...fresh, of });
	return { ...fresh, version };
}
