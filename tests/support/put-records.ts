import type { Knex } from 'knex';
import type { Accessory, Configuration, Product } from '../../src/lib/core/model';
import { changeAlways } from '../../src/lib/server/db/change';
import { configurationRows, putConfigurations } from '../../src/lib/server/repositories/configurations';
import { putAccessories, putProducts } from '../../src/lib/server/repositories/products';

/** Puts records into a database as they are, without a history. */
export function putRecords(
	db: Knex,
	{
		configurations = [],
		products = [],
		accessories = []
	}: { configurations?: Configuration[]; products?: Product[]; accessories?: Accessory[] }
): Promise<void> {
	return changeAlways(db, async (tx) => {
		await putConfigurations(
			tx,
			await Promise.all(configurations.map((c) => configurationRows(tx, c, { before: null })))
		);
		await putProducts(tx, products);
		await putAccessories(tx, accessories);
	});
}
