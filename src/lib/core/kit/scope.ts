import type { KitScope, Socket } from '../exchange';
import { lampFunction, type FunctionGroup } from '../lamps';

const groupIs = (socket: Socket, ...groups: FunctionGroup[]) =>
	socket.functions.some((id) => groups.includes(lampFunction(id).group));

/** Which sockets each scope takes in. A new scope is one entry here and one name in the schema. */
const SCOPE: Record<KitScope, { label: string; takes: (socket: Socket) => boolean }> = {
	vehicle: { label: 'Whole vehicle', takes: () => true },
	front: { label: 'Front end', takes: (s) => s.zone === 'front' },
	rear: { label: 'Rear end', takes: (s) => s.zone === 'rear' },
	signals: { label: 'Signals', takes: (s) => groupIs(s, 'signal') },
	headlamps: { label: 'Headlamps and fog', takes: (s) => groupIs(s, 'headlamp', 'fog') },
	cabin: { label: 'Cabin', takes: (s) => groupIs(s, 'cabin', 'work') },
	cluster: { label: 'Behind the dash', takes: (s) => groupIs(s, 'cluster') }
};

/** Sockets of a scope, in the order they come. */
export function socketsInScope(sockets: readonly Socket[], scope: KitScope): Socket[] {
	return sockets.filter(SCOPE[scope].takes);
}

/** A scope in words. */
export function scopeLabel(scope: KitScope): string {
	return SCOPE[scope].label;
}
