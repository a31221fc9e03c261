import type { Configuration, Socket } from '../model';
import { socketName } from '../vehicle';
import { edited, gone, type Edit } from './edit';

type Id = Socket['id'];

const without = <T>(list: readonly T[] | undefined, gone: (item: T) => boolean) => list?.filter((item) => !gone(item));

/** The way in without a place; what led there stays, since it may lead elsewhere. */
const withoutPlace = (
	access: NonNullable<Configuration['access']>,
	id: string
): NonNullable<Configuration['access']> => ({
	...access,
	operations: access.operations.map((operation) =>
		operation.reaches?.includes(id)
			? { ...operation, reaches: operation.reaches.filter((place) => place !== id) }
			: operation
	)
});

/** Takes a socket out, and with it what feeds it and what reaches it. */
export function removeSocket(id: Id): Edit {
	return (configuration) => {
		const socket = configuration.sockets.find((s) => s.id === id);
		if (!socket) return gone(`Socket ${id}`);
		const next: Configuration = {
			...configuration,
			sockets: configuration.sockets.filter((s) => s !== socket),
			channels: configuration.channels.map((c) => ({ ...c, feeds: c.feeds.filter((f) => f.socket !== id) }))
		};
		if (configuration.access) next.access = withoutPlace(configuration.access, id);
		if (configuration.walk) next.walk = without(configuration.walk, (other) => other === id);
		return edited(next, `${socketName(socket)} taken out`);
	};
}

/** What a socket is, apart from its facts: where it sits and what it serves. */
export type SocketPlace = Pick<Socket, 'zone' | 'side' | 'index' | 'functions' | 'names'>;

/** Says anew where a socket sits and what it serves; its facts and feeds stay. */
export function placeSocket(id: Id, place: SocketPlace): Edit {
	return (configuration) => {
		const socket = configuration.sockets.find((s) => s.id === id);
		if (!socket) return gone(`Socket ${id}`);
		const next = { ...socket, ...place };
		const serves = (f: { socket: Id; function: string }) =>
			f.socket !== id || (place.functions as string[]).includes(f.function);
		return edited(
			{
				...configuration,
				sockets: configuration.sockets.map((s) => (s === socket ? next : s)),
				channels: configuration.channels.map((c) => ({ ...c, feeds: c.feeds.filter(serves) }))
			},
			socketName(socket) === socketName(next)
				? `${socketName(socket)} described`
				: `${socketName(socket)} is now ${socketName(next)}`
		);
	};
}

/** Puts the sockets into the order given; ids that are not there are left out. */
export function orderWalk(ids: readonly Id[]): Edit {
	return (configuration) => {
		const known = new Set(configuration.sockets.map((s) => s.id));
		return edited({ ...configuration, walk: ids.filter((id) => known.has(id)) }, 'Walk put into another order');
	};
}
