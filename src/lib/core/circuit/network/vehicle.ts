import type { Channel, Configuration, Product, Socket } from '../../model';
import { categoryOrNull, type FunctionId, type FilamentRole } from '../../lamps';
import { supplyOf } from '../../vehicle';
import { lampIn, type Fitted } from '../fitted';
import { productParts, stockPart, whenCold } from '../lamp-parts';
import { contactFor, contactKey, feeders, type ChannelDrive, type Contact } from './contact';
import { GROUND, type Element, type Part } from './element';

/** Resistance of fuse, wire and switch in front of a channel, ohm, and of a clean contact. Small, typical; an assumption. */
export const FEED_OHMS = 0.02;
export const CONTACT_OHMS = 0.005;
/** A feed that meets an earth inside a wrongly wired lamp, or on its way, ohm. */
const SHORT_OHMS = 0.01;
/** A broken wire, ohm: nothing a lamp would notice comes through. */
const OPEN_OHMS = 1e7;
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
	/** False when another output feeds the same contact just now, so that nothing reaches it from this one. */
	connected: boolean;
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

const channelNode = (id: string) => `channel ${id}`;
const contactNode = (socket: string, role: FilamentRole) => `contact ${socket} ${role}`;
const earthNode = (socket: string) => `earth ${socket}`;
const unitNode = (fault: number) => `unit earth ${fault}`;

/** What sits on one contact of a socket: its elements, or what is not known of them. */
interface OnContact {
	elements: string[] | null;
	missing: string | null;
	product: Product | null;
}

class Builder {
	readonly elements: Element[] = [];
	readonly lamps: LampTap[] = [];
	readonly feeds = new Map<string, string>();
	readonly missing = new Map<string, string>();
	private readonly seated = new Set<string>();
	private readonly contacts = new Map<string, OnContact>();
	private readonly sockets: ReadonlyMap<string, Socket>;
	private readonly nominal: number;

	constructor(
		configuration: Configuration,
		private readonly fitted: Fitted,
		private readonly feederOf: (contact: Contact) => ReadonlySet<string>
	) {
		this.sockets = new Map(configuration.sockets.map((s) => [s.id as string, s]));
		this.nominal = supplyOf(configuration).nominal;
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

	private isOpen(channel: string, socket?: string): boolean {
		return this.fitted.faults.some(
			(fault) => fault.kind === 'open' && fault.channel === channel && fault.socket === socket
		);
	}

	/** Where the earth of a socket goes: to ground, or to a bad earth it shares with the other lamps of its unit. */
	private returnOf(socket: string): string {
		const at = this.fitted.faults.findIndex((fault) => fault.kind === 'unit-earth' && fault.sockets.includes(socket));
		const fault = this.fitted.faults[at];
		if (fault?.kind !== 'unit-earth') return GROUND;
		const node = unitNode(at);
		if (!this.seated.has(node)) {
			this.seated.add(node);
			this.add(node, { from: node, to: GROUND }, { kind: 'resistor', ohms: fault.ohms });
		}
		return node;
	}

	private has(kind: 'reversed' | 'crossed' | 'load-gone' | 'driver-dead', socket: string): boolean {
		return this.fitted.faults.some((fault) => fault.kind === kind && fault.socket === socket);
	}

	channel(channel: Channel, drive: ChannelDrive, live: boolean): void {
		const node = channelNode(channel.id);
		if (drive.kind !== 'off') {
			const volts = drive.kind === 'on' ? drive.volts : SENSE_V;
			// From node to ground, lifted by the supply: its current counts into the channel.
			this.feeds.set(
				channel.id,
				this.add(
					`feed ${channel.id}`,
					{ from: node, to: GROUND },
					{ kind: 'source', volts, ohms: this.isOpen(channel.id) ? OPEN_OHMS : FEED_OHMS }
				)
			);
		}
		if (live && this.fitted.faults.some((fault) => fault.kind === 'short' && fault.channel === channel.id))
			this.add(`short ${channel.id}`, { from: node, to: GROUND }, { kind: 'resistor', ohms: SHORT_OHMS });
		const joined = new Set<string>();
		for (const feed of channel.feeds) {
			const socket = this.sockets.get(feed.socket);
			if (!socket) continue;
			const contact = contactFor(socket, feed.function);
			const key = contactKey(contact);
			const connected = this.feederOf(contact).has(channel.id);
			const on = this.contact(contact, { cold: drive.kind === 'sense', live });
			this.lamps.push({
				socket: socket.id,
				function: feed.function,
				role: contact.role,
				channel: channel.id,
				connected,
				...on,
				elements: connected || on.elements === null ? on.elements : []
			});
			if (on.missing && connected) this.missing.set(channel.id, on.missing);
			// A filament that serves two functions of one output is one load, joined to it once.
			if (!live || !connected || on.elements === null || joined.has(key)) continue;
			joined.add(key);
			this.add(
				`contact ${key} ${channel.id}`,
				{ from: node, to: contactNode(socket.id, contact.role) },
				{
					kind: 'resistor',
					ohms: this.isOpen(channel.id, socket.id) ? OPEN_OHMS : this.faultOhms('contact', socket.id)
				}
			);
		}
		if (!live) return;
		for (const { accessory, effect, channel: at, socket } of this.fitted.parts) {
			if (effect?.kind !== 'load' || at !== channel.id) continue;
			const id = `load ${accessory.id} ${channel.id} ${socket ?? ''} ${this.elements.length}`;
			this.add(id, { from: node, to: GROUND }, { kind: 'resistor', ohms: effect.ohms });
		}
	}

	/** What sits on a contact, put into the network the first time it is asked for. */
	private contact(contact: Contact, { cold, live }: { cold: boolean; live: boolean }): OnContact {
		const key = contactKey(contact);
		const known = this.contacts.get(key);
		if (known) return known;
		const { parts, missing, product } = this.partsIn(contact);
		const made: OnContact = { elements: parts && [], missing, product };
		this.contacts.set(key, made);
		if (parts === null || !live) return made;
		const { socket, role } = contact;
		const [at, earth] = [contactNode(socket.id, role), earthNode(socket.id)];
		if (!this.seated.has(socket.id)) {
			this.seated.add(socket.id);
			this.add(
				`earth ${socket.id}`,
				{ from: earth, to: this.returnOf(socket.id) },
				{ kind: 'resistor', ohms: this.faultOhms('earth', socket.id) }
			);
		}
		if (product && this.isCrossed(socket, product))
			this.add(`short ${key}`, { from: at, to: GROUND }, { kind: 'resistor', ohms: SHORT_OHMS });
		made.elements = parts.map((part, i) => {
			const turned = part.kind === 'led' && this.has('reversed', socket.id);
			const [from, to] = turned ? [earth, at] : [at, earth];
			return this.add(`lamp ${key} ${i}`, { from, to }, cold ? whenCold(part) : part);
		});
		return made;
	}

	/** An LED joins the two earth pads of its own wiring; in the other one a pad of those is a feed. Filament lamps suit both. */
	private isCrossed({ id, wiring }: Socket, product: Product): boolean {
		if (product.kind === 'halogen') return false;
		const differs =
			wiring !== undefined && product.wiring !== undefined && product.wiring !== 'both' && wiring !== product.wiring;
		return differs !== this.has('crossed', id);
	}

	private partsIn({ socket, role }: Contact): {
		parts: Part[] | null;
		missing: string | null;
		product: Product | null;
	} {
		const lamp = lampIn(this.fitted, socket.id);
		const category = categoryOrNull(socket.category);
		if (lamp.kind === 'out') return { parts: [], missing: null, product: null };
		if (lamp.kind === 'product') {
			const { product } = lamp;
			const parts = productParts(product, role, { nominal: this.nominal, category });
			const missing = `power of ${product.name} in W${role === 'minor' ? ' for its dim mode' : ''}`;
			if (!parts) return { parts, missing, product };
			const left = parts.filter(
				({ kind }) =>
					!(kind === 'resistor' && this.has('load-gone', socket.id)) &&
					!(kind === 'led' && this.has('driver-dead', socket.id))
			);
			return { parts: left, missing: null, product };
		}
		if (socket.state !== 'filament') return { parts: null, missing: null, product: null };
		const part = category && stockPart(category, role, this.nominal);
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
	const drives = new Map(channels.map((channel) => [channel.id as string, driveOf(channel)]));
	const builder = new Builder(configuration, fitted, feeders(configuration, channels, drives));
	const live = liveChannels(channels, (id) => drives.get(id)?.kind !== 'off');
	for (const channel of channels) builder.channel(channel, drives.get(channel.id) ?? OFF, live.has(channel.id));
	const { elements, lamps, feeds, missing } = builder;
	return { elements, lamps, feeds, missing };
}
