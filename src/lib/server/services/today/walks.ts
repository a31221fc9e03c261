import type { Configuration } from '../../../core/model';
import { counted } from '../../../core/quantity';
import { vehicleName } from '../../../core/vehicle';
import { findConfigurations } from '../../repositories/configurations';
import { recentRecords } from '../../repositories/events';
import { MOST_OF_A_KIND, type WaitingSource } from './source';

/** Records that are looked at: those changed last. */
const LOOKED_AT = 24;

const unknownIn = ({ sockets }: Configuration) =>
	sockets.filter(({ state, category }) => state === 'filament' && category === undefined).length;

/** Vehicles that somebody began to walk and did not finish: no socket yet, or sockets whose lamp nobody has named. */
export const walksWaiting: WaitingSource = async (db) => {
	const ids = await recentRecords(db, 'configuration:', LOOKED_AT);
	const found = await findConfigurations(db, ids);
	return found
		.filter((vehicle) => vehicle.sockets.length === 0 || unknownIn(vehicle) > 0)
		.slice(0, MOST_OF_A_KIND)
		.map((vehicle) => ({
			kind: 'walk' as const,
			id: vehicle.id,
			vehicle: vehicle.id,
			title: `Walk round ${vehicleName(vehicle)}`,
			detail:
				vehicle.sockets.length === 0
					? 'no socket on record yet'
					: `${counted(unknownIn(vehicle), 'socket')} of ${vehicle.sockets.length} without a lamp category`,
			worth: 0,
			day: null,
			isPressing: false
		}));
};
