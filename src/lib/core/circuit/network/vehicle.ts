import type { Channel, Configuration, Product, Socket } from '../../model';
import { categoryOrNull, filamentOf, type FunctionId, type FilamentRole } from '../../lamps';
import { lampIn, type Fitted } from '../fitted';
import { productParts, stockPart, whenCold } from '../lamp-parts';
import { GROUND, type Element, type Part } from './element';

/** Resistance of fuse, wire and switch in front of a channel, ohm, and of a clean contact. Small, typical; an assumption. */
export const FEED_OHMS = 0.02;
export const CONTACT_OHMS = 0.005;
/** A feed that meets an earth inside a wrongly wired lamp, ohm. */
const SHORT_OHMS = 0.01;
/** Weak supply a cold check looks through, V and ohm: too low to light an LED. */
const SENSE_V = 1;

/** One lamp function in a network: where its current is read. */
export interface LampTap {
	socket: string;
	function: FunctionId;
	role: FilamentRole;
	channel: string;
	/** Elements its light comes from; empty when nothing sits there, null when what sits there is not known. */
	elements: string[] | null;
	/** What is not known, in words, when `elements` is null. */
	missing: string | null;
	product: Product | null;
}

/** The network of a vehicle in one state: its elements, and where lamps and channels are read. */
export interface VehicleNetwork {
	elements: Element[];
	lamps: LampTap[];
	/** Element whose current is the channel's, by channel id. */
	feeds: ReadonlyMap<string, string>;
	/** What the network cannot say, in words, by channel id. */
	missing: ReadonlyMap<string, string>;
}

/** How a channel is driven in a network: at a voltage, sensed for a cold check, or not at all. */
export type ChannelDrive = { kind: 'on'; volts: number } | { kind: 'sense' } | { kind: 'off' };

const channelNode = (id: string) => `channel ${id}`;
const contactNode = (socket: string, role: FilamentRole) => `contact ${socket} ${role}`;
const earthNode = (socket: string) => `earth ${socket}`;

class Builder {
	readonly elements: Element[] = [];
	readonly lamps: LampTap[] = [];
	readonly feeds = new Map<string, string>();
	readonly missing = new Map<string, string>();
	private readonly seated = new Set<string>();
	private readonly sockets: ReadonlyMap<string, Socket>;

	constructor(
		configuration: Configuration,
		private readonly fitted: Fitted
	) {
		this.sockets = new Map(configuration.sockets.map((s) => [s.id as string, s]));
	}

	private add(id: string, { from, to }: { from: string; to: string }, part: Part): string {
		this.elements.push({ ...part, id, from, to });
		return id;
	}

	private faultOhms(kind: 'contact' | 'earth', socket: string): number {
		return this.fitted.faults.reduce(
			(sum, fault) => sum + (fault.kind === kind && fault.socket === socket ? fault.ohms : 0),
			CONTACT_OHMS
		);
	}

	private has(kind: 'reversed' | 'crossed' | 'load-gone', socket: string): boolean {
		return this.fitted.faults.some((fault) => fault.kind === kind && fault.socket === socket);
	}

	channel(channel: Channel, drive: ChannelDrive, live: boolean): void {
		const node = channelNode(channel.id);
		if (drive.kind !== 'off') {
			const volts = drive.kind === 'on' ? drive.volts : SENSE_V;
			// From node to ground, lifted by the supply: its current counts into the channel.
			this.feeds.set(
				channel.id,
				this.add(`feed ${channel.id}`, { from: node, to: GROUND }, { kind: 'source', volts, ohms: FEED_OHMS })
			);
		}
		for (const feed of channel.feeds) this.lamp(channel, { socketId: feed.socket, fn: feed.function }, { drive, live });
		if (!live) return;
		for (const { accessory, effect, channel: at, socket } of this.fitted.parts) {
			if (effect?.kind !== 'load' || at !== channel.id) continue;
			const id = `load ${accessory.id} ${channel.id} ${socket ?? ''} ${this.elements.length}`;
			this.add(id, { from: node, to: GROUND }, { kind: 'resistor', ohms: effect.ohms });
		}
	}

	private lamp(
		channel: Channel,
		{ socketId, fn }: { socketId: string; fn: FunctionId },
		{ drive, live }: { drive: ChannelDrive; live: boolean }
	): void {
		const socket = this.sockets.get(socketId);
		if (!socket) return;
		const role = filamentOf(socket.functions, fn);
		const { parts, missing, product } = this.partsIn(socket, role);
		const tap: LampTap = {
			socket: socketId,
			function: fn,
			role,
			channel: channel.id,
			elements: null,
			missing,
			product
		};
		this.lamps.push(tap);
		if (parts === null) {
			if (missing) this.missing.set(channel.id, missing);
			return;
		}
		if (!live) {
			tap.elements = [];
			return;
		}
		const cold = drive.kind === 'sense';
		const [contact, earth] = [contactNode(socketId, role), earthNode(socketId)];
		this.add(
			`contact ${socketId} ${fn} ${channel.id}`,
			{ from: channelNode(channel.id), to: contact },
			{
				kind: 'resistor',
				ohms: this.faultOhms('contact', socketId)
			}
		);
		if (!this.seated.has(socketId)) {
			this.seated.add(socketId);
			this.add(
				`earth ${socketId}`,
				{ from: earth, to: GROUND },
				{ kind: 'resistor', ohms: this.faultOhms('earth', socketId) }
			);
		}
		if (product && this.isCrossed(socket, product)) {
			this.add(`short ${socketId} ${fn}`, { from: contact, to: GROUND }, { kind: 'resistor', ohms: SHORT_OHMS });
		}
		tap.elements = parts.map((part, i) => {
			const turned = part.kind === 'led' && this.has('reversed', socketId);
			const [from, to] = turned ? [earth, contact] : [contact, earth];
			return this.add(`lamp ${socketId} ${fn} ${channel.id} ${i}`, { from, to }, cold ? whenCold(part) : part);
		});
	}

	/** An LED joins the two earth pads of its own wiring; in the other one a pad of those is a feed. Filament lamps suit both. */
	private isCrossed({ id, wiring }: Socket, product: Product): boolean {
		if (product.kind === 'halogen') return false;
		const differs =
			wiring !== undefined && product.wiring !== undefined && product.wiring !== 'both' && wiring !== product.wiring;
		return differs !== this.has('crossed', id);
	}

	private partsIn(
		socket: Socket,
		role: FilamentRole
	): { parts: Part[] | null; missing: string | null; product: Product | null } {
		const lamp = lampIn(this.fitted, socket.id);
		if (lamp.kind === 'out') return { parts: [], missing: null, product: null };
		if (lamp.kind === 'product') {
			const parts = productParts(lamp.product, role);
			if (!parts)
				return {
					parts,
					missing: `power of ${lamp.product.name} in W${role === 'minor' ? ' for its dim mode' : ''}`,
					product: lamp.product
				};
			const gone = this.has('load-gone', socket.id);
			return {
				parts: gone ? parts.filter((part) => part.kind !== 'resistor') : parts,
				missing: null,
				product: lamp.product
			};
		}
		if (socket.state !== 'filament') return { parts: null, missing: null, product: null };
		const category = categoryOrNull(socket.category);
		const part = category && stockPart(category, role);
		const what = socket.category ? `rating of ${socket.category}` : 'lamp category';
		return part
			? { parts: [part], missing: null, product: null }
			: { parts: null, missing: `${what} in ${socket.id}`, product: null };
	}
}

const OFF: ChannelDrive = { kind: 'off' };

/** Channels that may carry current: those that are driven, and all that hang together with one of them by the sockets they share. */
function liveChannels(channels: readonly Channel[], isDriven: (id: string) => boolean): Set<string> {
	const live = new Set(channels.filter((c) => isDriven(c.id)).map((c) => c.id as string));
	const sockets = new Set(channels.filter((c) => live.has(c.id)).flatMap((c) => c.feeds.map((f) => f.socket)));
	for (let grown = true; grown;) {
		const next = channels.filter((c) => !live.has(c.id) && c.feeds.some((feed) => sockets.has(feed.socket)));
		for (const channel of next) {
			live.add(channel.id);
			for (const feed of channel.feeds) sockets.add(feed.socket);
		}
		grown = next.length > 0;
	}
	return live;
}

/**
 * The network of some channels of a vehicle: their lamps, loads, contacts and earths.
 * A sealed or factory-LED unit has a driver of its own that nobody knows, and stands out of it.
 */
export function vehicleNetwork(
	configuration: Configuration,
	fitted: Fitted,
	{ channels, driveOf }: { channels: readonly Channel[]; driveOf: (channel: Channel) => ChannelDrive }
): VehicleNetwork {
	const builder = new Builder(configuration, fitted);
	const drives = new Map(channels.map((channel) => [channel.id as string, driveOf(channel)]));
	const live = liveChannels(channels, (id) => drives.get(id)?.kind !== 'off');
	for (const channel of channels) builder.channel(channel, drives.get(channel.id) ?? OFF, live.has(channel.id));
	const { elements, lamps, feeds, missing } = builder;
	return { elements, lamps, feeds, missing };
}
