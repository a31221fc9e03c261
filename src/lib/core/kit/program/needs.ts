import type { Accessory, Socket } from '../../exchange';
import { SOLVES, type Builder } from './builder';

/** Place an accessory of a scope takes for a socket: one of it serves that whole place. */
function placeOf(accessory: Accessory, socket: Socket): string {
	switch (accessory.scope) {
		case 'lamp':
		case 'channel':
			return socket.id;
		case 'side':
			return socket.side;
		case 'axle':
			return socket.zone;
		case 'vehicle':
			return 'vehicle';
		default:
			return accessory.scope satisfies never;
	}
}

/** Parts other than loads: each need of a chosen lamp is met by one of the parts on sale for it. */
export function addNeeds(b: Builder): void {
	for (const lamp of b.lamps)
		for (const need of lamp.option.needs) {
			if (need.remedy.kind === 'load') continue;
			const solves = SOLVES[need.remedy.kind];
			const terms = need.parts.map(
				(part) =>
					[1, b.part(part, placeOf(part, need.socket), solves, { sockets: [need.socket.id] })] as [number, string]
			);
			b.constrain([...terms, [-1, lamp.name]], '>=', 0);
		}
}
