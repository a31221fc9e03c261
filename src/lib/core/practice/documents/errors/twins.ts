import type { Configuration, Socket } from '../../../model';
import { twinKey } from '../../../vehicle';
import type { Chance } from '../../chance';
import type { ErrorMade } from './error';

/** The sockets of a place on both sides: papers name a place once. */
export function placesWhere(paper: Configuration, isMeant: (socket: Socket) => boolean): Socket[][] {
	const places = new Map<string, Socket[]>();
	for (const socket of paper.sockets.filter(isMeant))
		places.set(twinKey(socket), [...(places.get(twinKey(socket)) ?? []), socket]);
	return [...places.values()];
}

/** A paper that names another lamp category for one of the places that may be meant; null where none may. */
export function otherCategory(
	paper: Configuration,
	chance: Chance,
	otherFor: (socket: Socket) => string | null
): ErrorMade | null {
	const places = placesWhere(paper, (socket) => otherFor(socket) !== null);
	if (places.length === 0) return null;
	const place = chance.pick(places);
	const [first] = place;
	const says = first ? otherFor(first) : null;
	if (!first || says === null) return null;
	const ids = new Set(place.map(({ id }) => id));
	return {
		paper: {
			...paper,
			sockets: paper.sockets.map((socket) => (ids.has(socket.id) ? { ...socket, category: says } : socket))
		},
		wrong: { sockets: [...ids], fact: 'category', says, is: first.category ?? 'not known' }
	};
}
