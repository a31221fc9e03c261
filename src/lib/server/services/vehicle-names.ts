import type { Knex } from 'knex';
import { vehicleName } from '../../core/vehicle';
import { findConfigurations } from '../repositories/configurations';

/** Names of vehicles by their ids; those not there are left out. */
export async function vehicleNames(db: Knex, ids: readonly string[]): Promise<Map<string, string>> {
	const found = await findConfigurations(db, [...new Set(ids)]);
	return new Map(found.map((configuration) => [configuration.id, vehicleName(configuration)]));
}
