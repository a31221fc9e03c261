import type { ChannelState, LampState } from '../../circuit';
import type { Look } from './symptom';

/** True for sockets of a place. */
function isIn({ configuration, place: { socket: id, side } }: Look, socket: string): boolean {
	if (id !== undefined) return socket === id;
	if (side === undefined) return true;
	return configuration.sockets.find((s) => s.id === socket)?.side === side;
}

const bySocket = new WeakMap<readonly LampState[], ReadonlyMap<string, LampState[]>>();

/** Lamps of a socket among those of a mode. */
export function lampsOf(lamps: readonly LampState[], socket: string): LampState[] {
	const known = bySocket.get(lamps);
	if (known) return known.get(socket) ?? [];
	const made = new Map<string, LampState[]>();
	for (const lamp of lamps) {
		const own = made.get(lamp.socket);
		if (own) own.push(lamp);
		else made.set(lamp.socket, [lamp]);
	}
	bySocket.set(lamps, made);
	return made.get(socket) ?? [];
}

/** Lamps of the place, as they are in a mode. */
export function lampsIn(look: Look, lamps: readonly LampState[]): readonly LampState[] {
	const { socket, side } = look.place;
	if (socket !== undefined) return lampsOf(lamps, socket);
	return side === undefined ? lamps : lamps.filter((lamp) => isIn(look, lamp.socket));
}

/** Outputs that feed a lamp of the place. */
export function channelsIn(look: Look, channels: readonly ChannelState[]): ChannelState[] {
	if (look.place.socket === undefined && look.place.side === undefined) return [...channels];
	const feeds = new Map(look.configuration.channels.map(({ id, feeds: own }) => [id as string, own]));
	return channels.filter(({ id }) => feeds.get(id)?.some(({ socket }) => isIn(look, socket)));
}

/** Sides a place speaks of. */
export function sidesIn({ configuration, place: { socket, side } }: Look): ('left' | 'right')[] {
	const own = side ?? configuration.sockets.find(({ id }) => id === socket)?.side;
	return own === 'left' || own === 'right' ? [own] : ['left', 'right'];
}

/** Some of many answers: yes where one is, not known where one might be, else no. */
export function some(answers: readonly (boolean | null)[]): boolean | null {
	if (answers.includes(true)) return true;
	return answers.includes(null) ? null : false;
}
