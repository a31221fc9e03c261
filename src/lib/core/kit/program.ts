import {
	demandOf,
	ledColdConductance,
	ledCurrent,
	mayCarry,
	stockColdConductance,
	stockCurrent,
	type FilamentRole
} from '../circuit';
import type { Accessory, Channel, Configuration, Pack, Product, Socket } from '../exchange';
import { categoryOrNull, filamentOf, lampFunction } from '../lamps';
import { replacesFlasher, type Shop } from '../match';
import { VOLTS_CHARGING, VOLTS_NOMINAL } from '../units';
import type { Weights } from './balance';
import type { Group, Need, Option } from './options';
import type { Constraint, Program, Variable } from './solver';

/** A lamp chosen for a group of sockets. */
export interface LampVariable {
	name: string;
	/** Group and product, the same in every program of a kit. */
	key: string;
	group: Group;
	option: Option;
}
/** An accessory put in one place: a socket, a channel, a side, or the vehicle. */
export interface PartVariable {
	name: string;
	accessory: Accessory;
	place: string;
	/** What it solves there. */
	solves: string;
	sockets: Set<string>;
}
/** Packs bought. */
export interface PackVariable {
	name: string;
	item: Product | Accessory;
	pack: Pack;
}

/** A program together with what its variables mean. */
export interface KitProgram {
	program: Program;
	lamps: LampVariable[];
	parts: PartVariable[];
	packs: PackVariable[];
	/** Binary per group that may be left open, 1 when it is. */
	left: { name: string; group: Group }[];
}

const UNKNOWN_STOCK = 200;
const LOAD_KINDS = new Set(['resistor', 'load-harness']);
const SOLVES: Record<Need['remedy']['kind'], string> = {
	load: 'lamp-out message or fast flashing',
	'pwm-module': 'pulsed feed',
	cap: 'room and heat behind the lamp',
	adapter: 'holder of the lamp housing'
};

/** Builds the program of a kit step by step. */
class Builder {
	readonly variables: Variable[] = [];
	readonly constraints: Constraint[] = [];
	readonly lamps: LampVariable[] = [];
	readonly parts = new Map<string, PartVariable>();
	readonly packs: PackVariable[] = [];
	readonly left: KitProgram['left'] = [];

	constructor(
		readonly configuration: Configuration,
		readonly shop: Shop,
		readonly weights: Weights
	) {}

	constrain(terms: Constraint['terms'], sense: Constraint['sense'], bound: number): void {
		this.constraints.push({ name: `c${this.constraints.length}`, terms, sense, bound });
	}

	/** The variable that puts an accessory in a place, made on first use. */
	part(accessory: Accessory, place: string, solves: string, extra: { socket?: string; heat?: number } = {}): string {
		const key = `${accessory.id}@${place}`;
		const found = this.parts.get(key) ?? {
			name: `w${this.parts.size}`,
			accessory,
			place,
			solves,
			sockets: new Set<string>()
		};
		if (!this.parts.has(key)) {
			this.parts.set(key, found);
			const cost = Math.round(this.weights.part + this.weights.heat * (extra.heat ?? 0));
			this.variables.push({ name: found.name, cost, kind: 'binary' });
		}
		if (extra.socket) found.sockets.add(extra.socket);
		return found.name;
	}
}

/** One product per group: exactly one, or at most one when a socket may be left open at a cost. */
function addLamps(b: Builder, groups: readonly Group[], leaving: number | null): void {
	for (const group of groups.filter((g) => g.options.length > 0)) {
		const terms: [number, string][] = group.options.map((option) => {
			const name = `x${b.lamps.length}`;
			b.lamps.push({ name, key: `${group.sockets[0]?.id}>${option.product.id}`, group, option });
			const cost = Math.round(b.weights.light * option.lightMissing * group.sockets.length);
			b.variables.push({ name, cost, kind: 'binary' });
			return [1, name];
		});
		if (leaving !== null) {
			const name = `z${b.left.length}`;
			b.left.push({ name, group });
			const weight = Math.max(...group.sockets.flatMap((s) => s.functions.map((id) => lampFunction(id).weight)));
			b.variables.push({ name, cost: Math.round(leaving * weight * group.sockets.length), kind: 'binary' });
			terms.push([1, name]);
		}
		b.constrain(terms, '=', 1);
	}
}

/** Place an accessory of a scope takes for a socket: one of it serves that whole place. */
function placeOf(accessory: Accessory, socket: Socket): string {
	switch (accessory.scope) {
		case 'lamp':
		case 'channel':
			return socket.id;
		case 'side':
			return socket.side;
		case 'axle':
			return socket.zone;
		case 'vehicle':
			return 'vehicle';
		default:
			return accessory.scope satisfies never;
	}
}

/** Parts other than loads: each need of a chosen lamp is met by one of the parts on sale for it. */
function addNeeds(b: Builder): void {
	for (const lamp of b.lamps)
		for (const need of lamp.option.needs) {
			if (need.remedy.kind === 'load') continue;
			const solves = SOLVES[need.remedy.kind];
			const terms = need.parts.map(
				(part) => [1, b.part(part, placeOf(part, need.socket), solves, { socket: need.socket.id })] as [number, string]
			);
			b.constrain([...terms, [-1, lamp.name]], '>=', 0);
		}
}

/** What one lamp gives to a channel: current or cold conductance. */
type Measure = { stock: typeof stockCurrent; led: typeof ledCurrent; resistor: (ohms: number) => number };
const CURRENT: Measure = { stock: stockCurrent, led: ledCurrent, resistor: (ohms) => VOLTS_NOMINAL / ohms };
const CONDUCTANCE: Measure = { stock: stockColdConductance, led: ledColdConductance, resistor: (ohms) => 1 / ohms };

/** Each monitored channel sees enough from lamps as chosen, lamps left stock, and loads together; or its flasher is replaced. */
function addChannels(b: Builder): void {
	for (const channel of b.configuration.channels) {
		const demand = demandOf(b.configuration, channel);
		if (demand.kind === 'none' || demand.kind === 'unknown') continue;
		const measure = demand.kind === 'current' ? CURRENT : CONDUCTANCE;
		const { terms, stock } = lampTerms(b, channel, measure);
		if (terms.length === 0) continue;
		const atLeast = Math.min(demand.atLeast, stock); // a channel that complains as built is not the kit's to cure
		const loads = loadTerms(b, channel, measure);
		const flashers = b.shop.accessories
			.filter((a) => replacesFlasher({ channel: channel.id }, a, b.configuration))
			.map((a) => [atLeast, b.part(a, 'vehicle', 'flash rate')] as [number, string]);
		b.constrain([...terms, ...loads, ...flashers], '>=', atLeast - stock);
	}
}

/** Change each chosen lamp makes to what the channel sees, and what it sees stock. */
function lampTerms(b: Builder, channel: Channel, measure: Measure): { terms: [number, string][]; stock: number } {
	const terms: [number, string][] = [];
	let stock = 0;
	for (const feed of channel.feeds) {
		const socket = b.configuration.sockets.find((s) => s.id === feed.socket);
		const category = socket?.state === 'filament' ? categoryOrNull(socket.category) : null;
		if (!socket || !category) continue;
		const role: FilamentRole = filamentOf(socket.functions, feed.function);
		const before = measure.stock(category, role) ?? 0;
		stock += before;
		for (const lamp of b.lamps) {
			if (lamp.option.product.kind === 'halogen' || !lamp.group.sockets.includes(socket)) continue;
			terms.push([(measure.led(lamp.option.product, role) ?? 0) - before, lamp.name]);
		}
	}
	return { terms, stock };
}

/** Loads that may hang on a channel: one per lamp, or one for the channel. */
function loadTerms(b: Builder, channel: Channel, measure: Measure): [number, string][] {
	const duty = Math.max(0, ...channel.feeds.map((feed) => lampFunction(feed.function).duty));
	return b.shop.accessories.flatMap((a): [number, string][] => {
		const { resistance: ohms, rating = 0 } = a;
		if (!LOAD_KINDS.has(a.kind) || !ohms || !mayCarry({ ohms, rating, duty })) return [];
		const gives = measure.resistor(ohms);
		const heat = (VOLTS_CHARGING ** 2 / ohms) * duty;
		if (a.scope !== 'lamp') return [[gives, b.part(a, channel.id, SOLVES.load, { heat })]];
		const lamps = channel.feeds.filter((feed) => suitsSocket(b, a, feed.socket));
		return lamps.map(({ socket }) => [gives, b.part(a, `${channel.id}:${socket}`, SOLVES.load, { socket, heat })]);
	});
}

function suitsSocket(b: Builder, accessory: Accessory, socket: string): boolean {
	const category = categoryOrNull(b.configuration.sockets.find((s) => s.id === socket)?.category);
	return category !== null && (accessory.fits?.categories?.includes(category.category) ?? true);
}

/** Whole packs cover what is used, within what is on the shelf. Spares are shared by all sockets of the kit. */
function addPacks(b: Builder): void {
	const used = new Map<string, { item: Product | Accessory; terms: [number, string][] }>();
	const use = (item: Product | Accessory, pieces: number, name: string) => {
		const key = `${'maker' in item ? 'p' : 'a'}:${item.id}`;
		const entry = used.get(key) ?? { item, terms: [] };
		entry.terms.push([pieces, name]);
		used.set(key, entry);
	};
	for (const lamp of b.lamps) use(lamp.option.product, lamp.group.sockets.length, lamp.name);
	for (const part of b.parts.values()) use(part.accessory, 1, part.name);
	for (const { item, terms } of used.values()) {
		const most = terms.reduce((sum, [pieces]) => sum + pieces, 0);
		const packs = item.packs.map((pack) => {
			const name = `y${b.packs.length}`;
			b.packs.push({ name, item, pack });
			const max = Math.min(pack.stock ?? UNKNOWN_STOCK, Math.ceil(most / pack.count));
			b.variables.push({ name, cost: pack.price, kind: 'integer', max });
			return [-pack.count, name] as [number, string];
		});
		b.constrain([...terms, ...packs], '<=', 0);
	}
}

/**
 * Builds the mixed-integer program of a kit.
 * @param leaving cost of leaving a socket of weight 1 open, minor units; null when none with options may be left
 * @param budget most the packs may cost, minor units
 * @param without choices not to be repeated, each a list of lamp variable keys: for runners-up
 */
export function kitProgram(input: {
	configuration: Configuration;
	shop: Shop;
	groups: readonly Group[];
	weights: Weights;
	leaving: number | null;
	budget?: number;
	without?: readonly (readonly string[])[];
}): KitProgram {
	const b = new Builder(input.configuration, input.shop, input.weights);
	addLamps(b, input.groups, input.leaving);
	addNeeds(b);
	addChannels(b);
	addPacks(b);
	if (input.budget !== undefined)
		b.constrain(
			b.packs.map((p) => [p.pack.price, p.name]),
			'<=',
			input.budget
		);
	for (const keys of input.without ?? []) {
		const chosen = b.lamps.filter((lamp) => keys.includes(lamp.key));
		b.constrain(
			chosen.map((lamp) => [1, lamp.name]),
			'<=',
			keys.length - 1
		);
	}
	const { variables, constraints, lamps, packs, left } = b;
	return { program: { variables, constraints }, lamps, parts: [...b.parts.values()], packs, left };
}
