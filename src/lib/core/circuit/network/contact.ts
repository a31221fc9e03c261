import type { Channel, Configuration, Socket } from '../../model';
import { categoryOrNull, contactOf, type FilamentRole, type FunctionId } from '../../lamps';

/** How a channel is driven in a network: at a voltage, sensed for a cold check, or not at all. */
export type ChannelDrive = { kind: 'on'; volts: number; flashing?: boolean } | { kind: 'sense' } | { kind: 'off' };

/** One contact of one socket. */
export interface Contact {
	socket: Socket;
	role: FilamentRole;
}

/** Equal for the same contact of the same socket. */
export const contactKey = ({ socket, role }: Contact) => `${socket.id} ${role}`;

/** The contact a function of a socket comes in by. */
export function contactFor(socket: Socket, fn: FunctionId): Contact {
	return { socket, role: contactOf(categoryOrNull(socket.category), socket.functions, fn) };
}

/**
 * Which outputs reach a contact just now. An output that is alone on it does; of several, only those that are driven: a switch or the
 * output stage parts the others. One that flashes goes before a steady one, as the turn switch takes the lamp from the stop wire.
 */
export function feeders(
	configuration: Configuration,
	channels: readonly Channel[],
	drives: ReadonlyMap<string, ChannelDrive>
): (contact: Contact) => ReadonlySet<string> {
	const sockets = new Map(configuration.sockets.map((s) => [s.id as string, s]));
	const on = new Map<string, Set<string>>();
	for (const { id, feeds } of channels)
		for (const feed of feeds) {
			const socket = sockets.get(feed.socket);
			if (!socket) continue;
			const key = contactKey(contactFor(socket, feed.function));
			on.set(key, (on.get(key) ?? new Set()).add(id));
		}
	const reached = new Map<string, ReadonlySet<string>>();
	for (const [key, ids] of on) {
		const driven = [...ids].filter((id) => drives.get(id)?.kind !== 'off');
		const flashing = driven.filter((id) => {
			const drive = drives.get(id);
			return drive?.kind === 'on' && drive.flashing;
		});
		const few = flashing.length > 0 ? flashing : driven;
		reached.set(key, ids.size === 1 ? ids : new Set(few));
	}
	return (contact) => reached.get(contactKey(contact)) ?? new Set();
}
