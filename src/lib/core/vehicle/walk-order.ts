import type { Configuration, Socket, Zone } from '../model';
import { FUNCTION_IDS } from '../lamps';

/** Zones as a person passes them: round the outside from the front, then the cabin, then behind the dash. */
const ZONE_ORDER: readonly Zone[] = ['front', 'side', 'roof', 'rear', 'cabin', 'luggage', 'engine', 'cluster'];
/** At the rear the walk goes on from the flank inwards: markers and turn first, plate and high stop last. */
const REAR_ORDER = ['side-marker', 'turn', 'stop', 'tail', 'rear-fog', 'reverse', 'licence-plate', 'chmsl'];

function functionRank(socket: Socket): number {
	const first = socket.functions[0] ?? 'dome';
	const rear = socket.zone === 'rear' ? REAR_ORDER.indexOf(first) : -1;
	return rear >= 0 ? rear : REAR_ORDER.length + FUNCTION_IDS.indexOf(first);
}

/** Negative when `a` is passed before `b` on the walk round the vehicle; left and right of a place are neighbours. */
export function compareWalk(a: Socket, b: Socket): number {
	return (
		ZONE_ORDER.indexOf(a.zone) - ZONE_ORDER.indexOf(b.zone) ||
		functionRank(a) - functionRank(b) ||
		a.index - b.index ||
		a.side.localeCompare(b.side)
	);
}

/** Sockets in walking order. */
export function walkOrder(sockets: readonly Socket[]): Socket[] {
	return [...sockets].sort(compareWalk);
}

/** Sockets of a vehicle in the order somebody chose, those nobody ordered after them in walking order. */
export function socketsInWalk({ sockets, walk = [] }: Pick<Configuration, 'sockets' | 'walk'>): Socket[] {
	const chosen = new Map(walk.map((id, rank) => [id, rank]));
	const rank = (socket: Socket) => chosen.get(socket.id) ?? walk.length;
	return walkOrder(sockets).sort((a, b) => rank(a) - rank(b));
}

export type Ring = 'exterior' | 'cabin' | 'core';

/** Which ring of the rota a zone stands on. */
export function ringOf(zone: Zone): Ring {
	if (zone === 'cluster') return 'core';
	return zone === 'cabin' || zone === 'luggage' || zone === 'engine' ? 'cabin' : 'exterior';
}
