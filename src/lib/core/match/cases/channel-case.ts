import {
	carriesTwoDuties,
	ledColdConductance,
	ledCurrent,
	monitorChecks,
	monitorThreshold,
	stockColdConductance,
	stockCurrent,
	withAssumedOutputs,
	type MonitorCheck,
	type MonitorThreshold,
	type OutputOnRecord
} from '../../circuit';
import { type FilamentRole, categoryOrNull, contactOf, type FunctionId, type LampCategory } from '../../lamps';
import type { Channel, Configuration, Product, Socket } from '../../model';
import { supplyOf } from '../../vehicle';

/** Current at the lowest and at the highest supply, A, and conductance while off, S. */
export interface OutputLoad {
	current: readonly [rest: number, charging: number];
	conductance: number;
}

/** A channel as seen from one socket: what the other lamps on it draw, and how many are of the socket's own category. */
export interface ChannelCase {
	channel: OutputOnRecord;
	/** The functions this socket has on the channel. */
	functions: FunctionId[];
	threshold: MonitorThreshold;
	/** Filaments of all lamps on the channel with the socket's category, its own included. */
	same: FilamentRole[];
	/** The socket's own filaments on it: a look that tells of one output lets the lamps of others be as they are. */
	own: FilamentRole[];
	/** What the others draw as they stand; null when one of them is not known. */
	others: OutputLoad | null;
	/** What everything on it draws with stock lamps; null when one is not known. */
	stock: OutputLoad | null;
	/** True when one filament serves two brightnesses by the pulses of this output. */
	twoDuties: boolean;
	/** The supplies it is judged at, V, and the nominal one. */
	supply: { nominal: number; volts: readonly [rest: number, charging: number] };
}

const NO_LOAD: OutputLoad = { current: [0, 0], conductance: 0 };

function added(sum: OutputLoad | null, one: OutputLoad | null): OutputLoad | null {
	if (!sum || !one) return null;
	const [rest, charging] = [sum.current[0] + one.current[0], sum.current[1] + one.current[1]];
	return { current: [rest, charging], conductance: sum.conductance + one.conductance };
}

type Supplied = ChannelCase['supply'];

function stockLoad(lamp: LampCategory | null, role: FilamentRole, { nominal, volts }: Supplied): OutputLoad | null {
	const [rest, charging] = volts.map((v) => lamp && stockCurrent(lamp, role, { nominal, volts: v }));
	const conductance = lamp && stockColdConductance(lamp, role, nominal);
	return rest == null || charging == null || conductance === null ? null : { current: [rest, charging], conductance };
}

function productLoad(
	product: Product,
	role: FilamentRole,
	{ category, supply: { nominal, volts } }: { category: LampCategory; supply: Supplied }
): OutputLoad | null {
	const [rest, charging] = volts.map((v) => ledCurrent(product, role, { nominal, category, volts: v }));
	return rest == null || charging == null
		? null
		: { current: [rest, charging], conductance: ledColdConductance(product, role, { nominal, category }) };
}

/** Each contact that a channel feeds, once, whatever the number of its functions. */
export function contactsOf(
	configuration: Configuration,
	{ feeds }: Channel
): { socket: Socket; lamp: LampCategory | null; role: FilamentRole }[] {
	const seen = new Set<string>();
	return feeds.flatMap((feed) => {
		const socket = configuration.sockets.find((s) => s.id === feed.socket);
		// A sealed unit counts for nothing, which errs towards a complaint.
		if (!socket || socket.state !== 'filament') return [];
		const lamp = categoryOrNull(socket.category);
		const role = contactOf(lamp, socket.functions, feed.function);
		const key = `${socket.id} ${role}`;
		if (seen.has(key)) return [];
		seen.add(key);
		return [{ socket, lamp, role }];
	});
}

const remembered = new WeakMap<Configuration, MonitorCheck[]>();

/** Everything a vehicle measures, worked out once for a record. */
function checksOf(configuration: Configuration): MonitorCheck[] {
	const complete = withAssumedOutputs(configuration);
	const known = remembered.get(complete) ?? monitorChecks(complete);
	remembered.set(complete, known);
	return known;
}

/** Contacts whose load is counted together with a channel's: its own, or of every turn output of the side where a unit counts the side. */
function countedContacts(configuration: Configuration, channel: Channel) {
	const check = checksOf(configuration).find(
		({ by, channels }) => by === 'flasher' && channels.some((c) => c.id === channel.id)
	);
	const seen = new Set<string>();
	return (check?.channels ?? [channel])
		.flatMap((counted) => contactsOf(configuration, counted))
		.filter(({ socket, role }) => {
			const key = `${socket.id} ${role}`;
			return !seen.has(key) && seen.add(key);
		});
}

/** Prepares a channel that feeds a socket of a category. */
export function channelCase(
	configuration: Configuration,
	{ socket, category }: { socket: Socket; category: LampCategory },
	channel: OutputOnRecord
): ChannelCase {
	const { nominal, rest, charging } = supplyOf(configuration);
	const supply = { nominal, volts: [rest, charging] as const };
	const same: FilamentRole[] = [];
	const own: FilamentRole[] = [];
	let [others, stock]: (OutputLoad | null)[] = [NO_LOAD, NO_LOAD];
	for (const { socket: at, lamp, role } of countedContacts(configuration, channel)) {
		const load = stockLoad(lamp, role, supply);
		stock = added(stock ?? null, load);
		if (at.id === socket.id) own.push(role);
		if (lamp?.category === category.category) same.push(role);
		else others = added(others ?? null, load);
	}
	return {
		channel,
		functions: channel.feeds.filter((feed) => feed.socket === socket.id).map((feed) => feed.function),
		threshold: monitorThreshold(configuration, channel),
		same,
		own,
		others: others ?? null,
		stock: stock ?? null,
		twoDuties: carriesTwoDuties(configuration, channel),
		supply
	};
}

/** What a channel sees with every lamp of the socket's category changed; null when not known. */
export function channelLoad(c: ChannelCase, product: Product, category: LampCategory): OutputLoad | null {
	return c.same.reduce<OutputLoad | null>(
		(sum, role) => added(sum, productLoad(product, role, { category, supply: c.supply })),
		c.others
	);
}

/** Every output that feeds a socket, as it is on record or as a look at the vehicle says. */
export function outputsOf(configuration: Configuration, socket: Socket): OutputOnRecord[] {
	return withAssumedOutputs(configuration).channels.filter((c) => c.feeds.some((feed) => feed.socket === socket.id));
}

/** Filaments of a socket that no output is known to feed. */
export function unfedContacts(
	{ socket, category }: { socket: Socket; category: LampCategory },
	channels: readonly ChannelCase[]
): { role: FilamentRole; functions: FunctionId[] }[] {
	const fed = new Set(channels.flatMap(({ own }) => own));
	const roleOf = (fn: FunctionId) => contactOf(category, socket.functions, fn);
	const roles = [...new Set(socket.functions.map(roleOf))].filter((role) => !fed.has(role));
	return roles.map((role) => ({ role, functions: socket.functions.filter((fn) => roleOf(fn) === role) }));
}
