import type { Knex } from 'knex';
import { stockSheets, vehicleSheets, type Table } from '../../../core/exchange';
import { unitIdsOf } from '../../../core/vehicle';
import { findConfiguration } from '../../repositories/configurations';
import { listAccessories, listProducts } from '../../repositories/products';
import { unitsById } from '../../repositories/units';

/** The sheets of one vehicle and the shared units it has; null when it is not there. */
export async function vehicleTables(db: Knex, id: string): Promise<Table[] | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const units = await unitsById(db, unitIdsOf(configuration));
	return vehicleSheets([configuration], [...units.values()]);
}

/** The sheets of the stock: products and accessories. */
export async function stockTables(db: Knex): Promise<Table[]> {
	return stockSheets(await listProducts(db), await listAccessories(db));
}
