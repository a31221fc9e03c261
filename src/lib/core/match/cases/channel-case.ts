import {
	ledColdConductance,
	ledCurrent,
	monitorThreshold,
	stockColdConductance,
	stockCurrent,
	type MonitorThreshold
} from '../../circuit';
import { type FilamentRole, categoryOrNull, filamentOf, type FunctionId, type LampCategory } from '../../lamps';
import type { Channel, Configuration, Product, Socket } from '../../model';

/** A channel as seen from one socket: what the other lamps on it draw, and how many are of the socket's own category. */
export interface ChannelCase {
	channel: Channel;
	/** The function this socket has on the channel. */
	function: FunctionId;
	threshold: MonitorThreshold;
	/** Roles of all lamps on the channel with the socket's category, its own included. */
	same: FilamentRole[];
	/** Current and cold conductance of the others as they stand; null when one of them is not known. */
	others: { current: number; conductance: number } | null;
}

/** Prepares a channel that feeds a socket of a category. */
export function channelCase(
	configuration: Configuration,
	{ socket, category }: { socket: Socket; category: LampCategory },
	channel: Channel
): ChannelCase {
	const own = channel.feeds.find((feed) => feed.socket === socket.id);
	const result: ChannelCase = {
		channel,
		function: own?.function ?? socket.functions[0] ?? 'dome',
		threshold: monitorThreshold(configuration, channel),
		same: [],
		others: { current: 0, conductance: 0 }
	};
	for (const feed of channel.feeds) {
		const other = configuration.sockets.find((s) => s.id === feed.socket);
		const lamp = other?.state === 'filament' ? categoryOrNull(other.category) : null;
		if (other && other.state !== 'filament') continue; // a sealed unit counts for nothing, which errs towards a complaint
		const role = filamentOf(other?.functions ?? [], feed.function);
		if (lamp?.category === category.category) result.same.push(role);
		else addOther(result, lamp, role);
	}
	return result;
}

function addOther(result: ChannelCase, lamp: LampCategory | null, role: FilamentRole): void {
	const current = lamp && stockCurrent(lamp, role);
	const conductance = lamp && stockColdConductance(lamp, role);
	if (current === null || conductance === null || !result.others) result.others = null;
	else
		result.others = { current: result.others.current + current, conductance: result.others.conductance + conductance };
}

/** Current (A) and cold conductance (S) a channel sees with every lamp of the socket's category changed; null when not known. */
export function channelLoad(c: ChannelCase, product: Product): { current: number; conductance: number } | null {
	if (!c.others) return null;
	let { current, conductance } = c.others;
	for (const role of c.same) {
		const amperes = ledCurrent(product, role);
		if (amperes === null) return null;
		current += amperes;
		conductance += ledColdConductance(product, role);
	}
	return { current, conductance };
}
