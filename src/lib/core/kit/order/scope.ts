import type { KitOrder, KitScope, Socket } from '../../model';
import { lampFunction, type FunctionGroup } from '../../lamps';

/** The part of an order that says which sockets it is about. */
export type Scope = Pick<KitOrder, 'scope' | 'function' | 'sockets' | 'has'>;

const groupIs = (socket: Socket, ...groups: FunctionGroup[]) =>
	socket.functions.some((id) => groups.includes(lampFunction(id).group));

/** Which sockets each scope takes in. A new scope is one entry here and one name in the schema. */
const TAKES: Record<KitScope, (socket: Socket, scope: Scope) => boolean> = {
	vehicle: () => true,
	front: (s) => s.zone === 'front',
	rear: (s) => s.zone === 'rear',
	signals: (s) => groupIs(s, 'signal'),
	headlamps: (s) => groupIs(s, 'headlamp', 'fog'),
	cabin: (s) => groupIs(s, 'cabin', 'work'),
	cluster: (s) => groupIs(s, 'cluster'),
	function: (s, { function: id }) => id !== undefined && s.functions.includes(id),
	sockets: (s, { sockets = [] }) => sockets.includes(s.id)
};

/**
 * Sockets an order is about, in the order they come. A lamp the customer already has stays where it is.
 */
export function socketsInScope(sockets: readonly Socket[], order: Scope): Socket[] {
	return sockets.filter((socket) => TAKES[order.scope](socket, order) && !order.has?.lamps[socket.id]);
}
