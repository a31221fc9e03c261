import { z } from 'zod';
import { FLEET_ORDERS, type FleetAsked } from './services/cover/asked/fleet';

/** Wheels that are sent at once, at most. */
const MOST_WHEELS = 240;

const share = (otherwise: number) => z.coerce.number().min(0).max(1).catch(otherwise);

const asked = z.object({
	order: z.enum(FLEET_ORDERS).catch('open'),
	least: share(0),
	mostShare: share(1),
	at: z.coerce.number().int().min(0).catch(0),
	count: z.coerce.number().int().min(1).max(MOST_WHEELS).catch(120)
});

/** Which part of the fleet an address asks for. */
export function fleetAsked(url: URL): FleetAsked {
	const { order, least, mostShare, at, count } = asked.parse(Object.fromEntries(url.searchParams));
	return { order, share: [least, mostShare], from: at, most: count };
}
