import type { Socket } from '../model';

/** What a socket is called regardless of side: twins share it, and so can be kept alike. */
export function twinKey(socket: Socket): string {
	return [socket.zone, socket.functions.join('+'), socket.index].join(':');
}

/** Groups sockets that must carry the same lamp: a left and a right one of the same place. Others stand alone. Order is kept. */
export function twinGroups(sockets: readonly Socket[]): Socket[][] {
	const groups = new Map<string, Socket[]>();
	for (const socket of sockets) {
		const key = socket.side === 'centre' ? `centre:${socket.id}` : twinKey(socket);
		const group = groups.get(key);
		const taken = group?.some((other) => other.side === socket.side);
		if (group && !taken) group.push(socket);
		else groups.set(taken ? `${key}:${socket.id}` : key, [socket]);
	}
	return [...groups.values()];
}
