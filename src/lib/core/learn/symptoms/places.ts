import type { ChannelState, LampState } from '../../circuit';
import type { Look, Place } from './symptom';

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

const isOnly = ({ channels, sockets }: NonNullable<Place['only']>, { channel, socket }: LampState): boolean =>
	channels.has(channel) || sockets.has(socket);

/** Lamps of the place, as they are in a mode. */
export function lampsIn(look: Look, lamps: readonly LampState[]): readonly LampState[] {
	const { socket, side, only } = look.place;
	const named = socket !== undefined ? lampsOf(lamps, socket) : lamps;
	if (side === undefined && !only) return named;
	return named.filter((lamp) => isIn(look, lamp.socket) && (!only || isOnly(only, lamp)));
}

/** Outputs that feed a lamp of the place. */
export function channelsIn(look: Look, channels: readonly ChannelState[]): ChannelState[] {
	const { socket: at, side, only } = look.place;
	if (at === undefined && side === undefined) return channels.filter(({ id }) => !only || only.channels.has(id));
	const feeds = new Map(look.configuration.channels.map(({ id, feeds: own }) => [id as string, own]));
	return channels.filter(
		({ id }) => (!only || only.channels.has(id)) && feeds.get(id)?.some(({ socket }) => isIn(look, socket))
	);
}

const SIDES = ['left', 'right'] as const;

/** Sides a place speaks of. */
export function sidesIn({ configuration, place: { socket, side, only } }: Look): ('left' | 'right')[] {
	const own = side ?? configuration.sockets.find(({ id }) => id === socket)?.side;
	const named = SIDES.filter((one) => own === undefined || own === 'centre' || own === one);
	if (!only) return named;
	const fed = configuration.channels.filter(({ id }) => only.channels.has(id)).flatMap(({ feeds }) => feeds);
	const here = new Set<string>([...only.sockets, ...fed.map((feed) => feed.socket)]);
	return named.filter((one) =>
		configuration.sockets.some(({ id, side: at }) => here.has(id) && (at === one || at === 'centre'))
	);
}

/** Some of many answers: yes where one is, not known where one might be, else no. */
export function some(answers: readonly (boolean | null)[]): boolean | null {
	if (answers.includes(true)) return true;
	return answers.includes(null) ? null : false;
}
