import { lampFunction } from '../lamps';
import type { Channel, Configuration, Socket } from '../model';

type Fed = Pick<Configuration, 'channels' | 'sockets'>;

/** The channels that feed a socket; none means nobody has found out yet. */
export function channelsOf(configuration: Configuration, socket: Socket): Channel[] {
	return configuration.channels.filter((channel) => channel.feeds.some((feed) => feed.socket === socket.id));
}

const SAID_IN_FULL: Readonly<Record<string, string>> = { turn: 'turn signal', 'high stop': 'high stop lamp' };

/** What a function's lamps are called where several hang on one wire. @example lampsText('turn', 2) // "turn signals" */
function lampsText(label: string, count: number): string {
	const one = SAID_IN_FULL[label] ?? (/ (beam|lamp|light)$/.test(label) ? label : `${label} lamp`);
	return count > 1 ? `${one}s` : one;
}

const MOST_FUNCTIONS = 2;

/** What a channel is called by what hangs on it; its id while nothing does. */
function byItsLamps(channel: Channel, sockets: readonly Socket[]): string {
	const on = sockets.filter(({ id }) => channel.feeds.some((feed) => feed.socket === id));
	if (on.length === 0) return `output “${channel.id}”`;
	const sides = new Set(on.map(({ side }) => side));
	const [side] = sides;
	const functions = [...new Set(channel.feeds.map((feed) => lampFunction(feed.function).label.toLowerCase()))];
	const shown = functions.slice(0, MOST_FUNCTIONS);
	const more = functions.length > MOST_FUNCTIONS ? ' and more' : '';
	const lamps = lampsText(shown.at(-1) ?? '', on.length);
	return [sides.size === 1 && side !== 'centre' ? side : '', [...shown.slice(0, -1), lamps].join(' and ') + more]
		.filter(Boolean)
		.join(' ');
}

/**
 * The channels of a vehicle as people speak of them, by id: never the id alone, unless nothing hangs on it. Two of one name carry their
 * ids behind it.
 * @example outputNames(skerry).get('turn-left') // "left turn signals"
 */
export function outputNames(vehicle: Fed): ReadonlyMap<string, string> {
	const names = called.get(vehicle) ?? namesOf(vehicle);
	called.set(vehicle, names);
	return names;
}

/** Every row of a list asks for them. */
const called = new WeakMap<Fed, ReadonlyMap<string, string>>();

function namesOf({ channels, sockets }: Fed): ReadonlyMap<string, string> {
	const names = channels.map((channel): [string, string] => [channel.id, byItsLamps(channel, sockets)]);
	const count = (name: string) => names.filter(([, other]) => other === name).length;
	return new Map(names.map(([id, name]) => [id, count(name) > 1 ? `${name} (${id})` : name]));
}

/** The name of an output at the beginning of a line. @example outputTitle(skerry, 'stop') // "Stop lamps" */
export function outputTitle(vehicle: Fed, id: string): string {
	const name = outputName(vehicle, id);
	return name.charAt(0).toUpperCase() + name.slice(1);
}

/** What one channel of a vehicle is called. @example outputName(skerry, 'stop') // "stop lamps" */
export function outputName(vehicle: Fed, id: string): string {
	return outputNames(vehicle).get(id) ?? `output “${id}”`;
}
