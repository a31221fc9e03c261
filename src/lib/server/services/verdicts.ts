import type { Knex } from 'knex';
import { socketCase, type Verdict } from '../../core/match';
import { findConfiguration } from '../repositories/configurations';
import { shopData } from './catalogue';
import { judged } from './judged';

/** The verdict of the best LED of each socket of a vehicle, or of the best lamp where no LED is made; null when the vehicle is not there. */
export async function verdictsOf(db: Knex, id: string): Promise<Record<string, Verdict | null> | null> {
	const configuration = await findConfiguration(db, id);
	if (!configuration) return null;
	const data = await shopData(db, { configurations: [configuration] });
	return Object.fromEntries(
		configuration.sockets.map((socket) => {
			const prepared = socketCase(configuration, socket, { shop: data.shop, through: data.catalogue.through });
			return [socket.id, prepared && judged(db, prepared, data).verdict];
		})
	);
}
