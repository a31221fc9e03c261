import type { Channel, Configuration, Socket } from '../model';
import { isBeam, categoryOrNull, contactOf, showsOutside, type FilamentRole, type FunctionId } from '../lamps';
import { supplyOf } from '../vehicle';
import { stockCurrent } from './led-load';

/**
 * What an output that nobody has recorded is taken for: from a look at the whole vehicle, or from practice, since lamps of the cabin are not
 * monitored.
 */
export type AssumedBy = 'look' | 'practice';

/** An output, and what it was put together from where nobody recorded it. */
export type OutputOnRecord = Channel & { assumed?: AssumedBy };

/** A flasher whose threshold nobody knows wants at most this share of what the stock lamp draws (65 to 80 % of the full side). */
export const FLASHER_WANTS_AT_MOST = 0.8;

const isTurn = (id: FunctionId) => id === 'turn';
const isHeadlampFeed = (id: FunctionId) => id === 'drl' || isBeam([id]);

/** What supplies an output: what the look at the headlamps says of all outside lamps; a dash that reports no lamp goes with steady signals. */
function feedOf({ looks }: Configuration, functions: readonly FunctionId[]): Channel['feed'] {
	if (!showsOutside(functions)) return { kind: 'steady' };
	if (looks?.headlampFeed === 'steady') return { kind: 'steady' };
	if (functions.some(isHeadlampFeed)) return looks?.headlampFeed === 'pulsed' ? { kind: 'pwm' } : undefined;
	return looks?.lampOutMessage === 'none' && looks.headlampFeed === undefined ? { kind: 'steady' } : undefined;
}

/** The flasher of a vehicle counts its turn lamps, whatever the dash reports: by its threshold, or by the most that any unit asks for. */
function turnMonitor(configuration: Configuration, stock: number | null): Channel['monitor'] {
	const { flasher, looks } = configuration;
	if (flasher?.thresholdCurrent !== undefined) return { kind: 'flasher' };
	if (looks?.lampOutMessage !== 'none' || stock === null) return undefined;
	return { kind: 'hot', minCurrent: (FLASHER_WANTS_AT_MOST * stock) as NonNullable<Channel['monitor']>['minCurrent'] };
}

function monitorOf(
	configuration: Configuration,
	{ functions, stock }: { functions: readonly FunctionId[]; stock: number | null }
): Channel['monitor'] {
	if (!showsOutside(functions)) return { kind: 'none' };
	if (functions.some(isTurn)) return turnMonitor(configuration, stock);
	switch (configuration.looks?.lampOutMessage) {
		case 'none':
			return { kind: 'none' };
		case 'all':
			return { kind: 'hot' };
		default:
			return undefined;
	}
}

/** One contact of a socket, and the functions that come in by it. */
interface Unfed {
	socket: Socket;
	role: FilamentRole;
	functions: FunctionId[];
}

/** Contacts of filament sockets that no output on record feeds. */
function unfedContacts({ sockets, channels }: Configuration): Unfed[] {
	const fed = new Set(channels.flatMap((c) => c.feeds.map((f) => `${f.socket} ${f.function}`)));
	return sockets.flatMap((socket): Unfed[] => {
		if (socket.state !== 'filament') return [];
		const category = categoryOrNull(socket.category);
		const roles = [...new Set(socket.functions.map((fn) => contactOf(category, socket.functions, fn)))];
		return roles.flatMap((role) => {
			const functions = socket.functions.filter((fn) => contactOf(category, socket.functions, fn) === role);
			return functions.some((fn) => fed.has(`${socket.id} ${fn}`)) ? [] : [{ socket, role, functions }];
		});
	});
}

const stockOn = (configuration: Configuration, { socket, role }: Pick<Unfed, 'socket' | 'role'>) => {
	const category = categoryOrNull(socket.category);
	const { nominal, running } = supplyOf(configuration);
	return category && stockCurrent(category, role, { nominal, volts: running });
};

function assumedChannel(configuration: Configuration, unfed: Unfed): OutputOnRecord[] {
	const { socket, role, functions } = unfed;
	const outside = showsOutside(functions);
	const monitor = monitorOf(configuration, { functions, stock: stockOn(configuration, unfed) });
	const feed = feedOf(configuration, functions);
	if (outside && !configuration.looks && monitor === undefined) return [];
	return [
		{
			id: `${socket.id}${role === 'minor' ? ' dim' : ''} output` as Channel['id'],
			feeds: functions.map((fn) => ({ socket: socket.id, function: fn })),
			...(feed ? { feed } : {}),
			...(monitor ? { monitor } : {}),
			...(functions.some(isTurn) ? { message: 'fast flashing' } : {}),
			assumed: outside ? 'look' : 'practice'
		}
	];
}

/** An output on record with what a look says of the facts it lacks. */
function completed(configuration: Configuration, channel: Channel): OutputOnRecord {
	if (channel.feed && channel.monitor) return channel;
	const functions = channel.feeds.map((f) => f.function);
	// One socket alone tells what the stock lamp draws; of several nobody knows how the threshold is shared.
	const [only, ...more] = [...new Set(channel.feeds.map((f) => f.socket))];
	const socket = more.length === 0 ? configuration.sockets.find((s) => s.id === only) : undefined;
	const stock = socket ? stockOn(configuration, { socket, role: 'major' }) : null;
	const feed = channel.feed ?? feedOf(configuration, functions);
	const monitor = channel.monitor ?? monitorOf(configuration, { functions, stock });
	if (feed === channel.feed && monitor === channel.monitor) return channel;
	return {
		...channel,
		...(feed ? { feed } : {}),
		...(monitor ? { monitor } : {}),
		assumed: showsOutside(functions) ? 'look' : 'practice'
	};
}

const remembered = new WeakMap<Configuration, Configuration>();

/**
 * A vehicle with an output for every contact that a look at the whole vehicle, or practice, speaks for. What is on record stays as it is; what
 * nobody knows stays unknown. The same value comes back for the same record, and for one that is already complete.
 */
export function withAssumedOutputs(configuration: Configuration): Configuration {
	const known = remembered.get(configuration);
	if (known) return known;
	const taken = new Set<string>(configuration.channels.map((c) => c.id));
	const channels = configuration.channels.map((channel) => completed(configuration, channel));
	const more = unfedContacts(configuration)
		.flatMap((unfed) => assumedChannel(configuration, unfed))
		.filter((channel) => !taken.has(channel.id));
	const same = more.length === 0 && channels.every((channel, i) => channel === configuration.channels[i]);
	const complete = same ? configuration : { ...configuration, channels: [...channels, ...more] };
	remembered.set(configuration, complete);
	remembered.set(complete, complete);
	return complete;
}
