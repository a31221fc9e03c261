import { z } from 'zod';
import { vehicleView } from '../../../core/views';
import { findConfiguration } from '../../repositories/configurations';
import { ApiRefusal, endpoint } from '../api';
import { vehicle, vehicleId } from '../schemas';

/** The places of a vehicle where a lamp sits. */
export const sockets = endpoint({
	path: '/vehicles/{vehicle}',
	scope: 'match',
	summary: 'The places of a vehicle where a lamp sits',
	params: z.object({ vehicle: vehicleId }),
	query: z.object({}),
	answer: vehicle.extend({
		sockets: z.array(
			z
				.object({
					id: z.string(),
					place: z.string(),
					functions: z.array(z.string()),
					zone: z.string(),
					side: z.string(),
					category: z.string().nullable().meta({ description: 'Lamp category; null while nobody knows it' }),
					state: z.string().meta({ description: 'filament, or what sits there instead' })
				})
				.meta({ id: 'Socket' })
		)
	}),
	run: async ({ db }, { vehicle: id }) => {
		const configuration = await findConfiguration(db, id);
		if (!configuration) throw new ApiRefusal('not-found', `There is no vehicle “${id}”.`);
		const { name, market, kind, sockets: places } = vehicleView(configuration);
		const functions = new Map(configuration.sockets.map((socket) => [socket.id as string, socket.functions]));
		return {
			id,
			name,
			market,
			kind,
			sockets: places.map(({ id: socket, place, zone, side, category, state }) => ({
				id: socket,
				place,
				functions: [...(functions.get(socket) ?? [])],
				zone,
				side,
				category,
				state
			}))
		};
	}
});
