import type { KitScope, Socket } from '../exchange';
import { lampFunction, type FunctionGroup } from '../lamps';

const groupIs = (socket: Socket, ...groups: FunctionGroup[]) =>
	socket.functions.some((id) => groups.includes(lampFunction(id).group));

/** Which sockets each scope takes in. A new scope is one entry here and one name in the schema. */
const TAKES: Record<KitScope, (socket: Socket) => boolean> = {
	vehicle: () => true,
	front: (s) => s.zone === 'front',
	rear: (s) => s.zone === 'rear',
	signals: (s) => groupIs(s, 'signal'),
	headlamps: (s) => groupIs(s, 'headlamp', 'fog'),
	cabin: (s) => groupIs(s, 'cabin', 'work'),
	cluster: (s) => groupIs(s, 'cluster')
};

/** Sockets of a scope, in the order they come. */
export function socketsInScope(sockets: readonly Socket[], scope: KitScope): Socket[] {
	return sockets.filter(TAKES[scope]);
}
