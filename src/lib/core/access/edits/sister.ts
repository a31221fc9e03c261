import { counted } from '../../quantity';
import type { Configuration, Operation, Socket } from '../../model';
import { edited, type Edit, type Witness } from '../../record';
import { err } from '../../result';
import { twinKey, vehicleName } from '../../vehicle';
import { accessGraph, namedBefore } from '../graph';
import { withOperations, witnessed } from './operations';

/** The socket of this vehicle in the place of another one's. */
function ownPlace(ours: Configuration, theirs: Configuration, place: string): string[] {
	const socket = theirs.sockets.find(({ id }) => id === place);
	if (!socket)
		return place.startsWith('channel:') && !ours.channels.some(({ id }) => `channel:${id}` === place) ? [] : [place];
	const own = ours.sockets.find((one: Socket) => one.side === socket.side && twinKey(one) === twinKey(socket));
	return own ? [own.id] : [];
}

/** Operations of a sister that are not on record here, for a person to choose from. */
export function accessOffers(ours: Configuration, sister: Configuration): Operation[] {
	const here = new Set((ours.access?.operations ?? []).map(({ id }) => id));
	return (sister.access?.operations ?? []).filter(({ id }) => !here.has(id));
}

/** Takes operations of a sister over, with everything that comes before them. What is copied is assumed: nobody has done it on this vehicle. */
export function copyAccess(sister: Configuration, ids: readonly string[], witness: Omit<Witness, 'source'>): Edit {
	return (configuration) => {
		const here = accessGraph(configuration).operations;
		const theirs = accessGraph(sister).operations;
		const wanted = new Set<string>();
		const queue = [...ids];
		for (let id = queue.pop(); id !== undefined; id = queue.pop()) {
			const operation = theirs.get(id);
			if (!operation || wanted.has(id) || here.has(id)) continue;
			wanted.add(id);
			queue.push(...namedBefore(operation));
		}
		if (wanted.size === 0) return err('No operation was chosen that is not on record here. Nothing was changed.');
		const by: Witness = { ...witness, source: 'assumed', note: `as in ${vehicleName(sister)}` };
		const copies = [...theirs.values()]
			.filter(({ id }) => wanted.has(id))
			.map((one): Operation => {
				const { reaches, ...rest } = one;
				const places = (reaches ?? []).flatMap((place) => ownPlace(configuration, sister, place));
				return witnessed({ ...rest, ...(places.length > 0 ? { reaches: places } : {}) }, by);
			});
		const next = withOperations(configuration, [...here.values(), ...copies]);
		return edited(next, `Way in: ${counted(copies.length, 'operation')} copied from ${vehicleName(sister)}`);
	};
}
