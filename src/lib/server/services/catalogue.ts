import type { Knex } from 'knex';
import type { Complaint } from '../../core/model';
import { compileCatalogue, type Catalogue, type Shop } from '../../core/match';
import { listAccessories, listProducts } from '../repositories/products';
import { listRecords } from '../repositories/records';
import { catalogueVersion, dataVersion } from '../repositories/settings';
import { readAssumptions } from './assumptions';
import { readCurrency, readPolicy } from './policy';

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
	const complaints: Complaint[] = await listRecords(db, 'complaints');
	const shop: Shop = {
		policy,
		accessories: accessories.filter((a) => !a.withdrawn),
		currency: await readCurrency(db),
		assumptions: await readAssumptions(db)
	};
	const fresh = { catalogue: compileCatalogue(products, complaints), shop };
	prepared.set(db, { ...fresh, of });
	return { ...fresh, version };
}
