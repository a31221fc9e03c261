import type { Knex } from 'knex';
import { vehicleName } from '../../core/vehicle';
import { pageOfConfigurations, findConfigurations } from '../repositories/configurations';
import { recentRecords } from '../repositories/events';
import { countKits, someKits } from '../repositories/kits';
import { pageOfProducts } from '../repositories/stock-pages';
import { isSetUp } from './shop-setup';

/** How far a new shop has come on the way to its first kit. */
export interface ShopStart {
	isSetUp: boolean;
	products: number;
	vehicles: number;
	/** The vehicle worked on last, and how many of its sockets are on record. */
	vehicle: { id: string; name: string; sockets: number } | null;
	/** A kit of the shop that is not released yet, and how many are. */
	kit: { id: string; vehicle: string } | null;
	released: number;
}

/** How far this shop has come. */
export async function readStart(db: Knex): Promise<ShopStart> {
	const { total: vehicles } = await pageOfConfigurations(db, { from: 0, most: 1 });
	const { total: products } = await pageOfProducts(db, { found: null, from: 0, most: 1 });
	const [last] = await findConfigurations(db, await recentRecords(db, 'configuration:', 1));
	const rows = await someKits(db, { states: ['draft', 'checked'], from: 0, most: 1 });
	const released = await countKits(db, { states: ['released'] });
	const [kit] = rows;
	return {
		isSetUp: await isSetUp(db),
		products,
		vehicles,
		vehicle: last ? { id: last.id, name: vehicleName(last), sockets: last.sockets.length } : null,
		kit: kit ? { id: kit.id, vehicle: kit.configurationId } : null,
		released
	};
}

/** How far a new shop has come; null once it has released a kit. */
export const beginning = async (db: Knex): Promise<ShopStart | null> =>
	(await countKits(db, { states: ['released'] })) === 0 ? readStart(db) : null;
