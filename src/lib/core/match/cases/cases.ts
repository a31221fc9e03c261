import { plausible } from '../../claims';
import {
	demandOf,
	ledColdConductance,
	ledCurrent,
	stockColdConductance,
	stockCurrent,
	type Demand,
	type FilamentRole
} from '../../circuit';
import type { Accessory, Channel, Configuration, Lens, Policy, PolicyException, Product, Socket } from '../../model';
import {
	categoryOrNull,
	filamentOf,
	lampFunction,
	ruleFamily,
	type FunctionId,
	type LampCategory,
	type RuleFamily
} from '../../lamps';
import {
	filamentSource,
	knownLens,
	ledSource,
	rememberingLens,
	deratedFlux,
	type LensedLight,
	type DeratedFlux,
	type Source,
	type throughLens
} from '../../optics';
import type { Assumed, SetValues } from '../../quantity';
import { channelsOf, sourceText } from '../../vehicle';
import { assumedBy } from '../assumptions';
import { placeHeat, type PlaceHeat } from './heat-case';
import { mostDifferentAmong, neighboursOf, type Beside, type Neighbour } from './neighbours';

/** What a shop brings to every match. */
export interface Shop {
	policy: Policy;
	accessories: readonly Accessory[];
	/** Assumptions the shop has set itself; the defaults hold for the rest. */
	assumptions?: SetValues | undefined;
	/** A signed exception from the shop's policy, for the one kit it is worked out for. */
	exception?: PolicyException | undefined;
}

/** A channel as seen from one socket: what the other lamps on it draw, and how many are of the socket's own category. */
export interface ChannelCase {
	channel: Channel;
	/** The function this socket has on the channel. */
	function: FunctionId;
	demand: Demand;
	/** Roles of all lamps on the channel with the socket's category, its own included. */
	same: FilamentRole[];
	/** Current and cold conductance of the others as they stand; null when one of them is not known. */
	others: { current: number; conductance: number } | null;
}

/** Everything about a socket that does not depend on the product, worked out once. */
export interface SocketCase {
	configuration: Configuration;
	socket: Socket;
	category: LampCategory;
	family: RuleFamily | null;
	/** The lens, when it is one whose transmittance is known. */
	lens: Lens | undefined;
	/** True when someone outside is meant to see it or see by it. */
	outside: boolean;
	/** The filament lamp's light behind the lens, lm; null when not known. */
	stockLumens: number | null;
	channels: ChannelCase[];
	/** Lamps whose white light is seen at the same time. */
	neighbours: readonly Neighbour[];
	/** The neighbour whose white is furthest from a light of this place; null where no whites meet. */
	mostDifferentWhite: (light: LensedLight) => Beside | null;
	heat: PlaceHeat;
	shop: Shop;
	assumed: Assumed;
	through: typeof throughLens;
	/** Where a fact of the socket comes from, in words. */
	source: (fact: string) => string;
}

/** Everything about a product that does not depend on the socket. */
export interface ProductCase {
	/** The product without facts that cannot be so; what rules look at. */
	product: Product;
	/** The product as it is on record. */
	record: Product;
	lamp: 'led' | 'filament';
	/** Categories it is made for. */
	categories: LampCategory[];
	light: Source | null;
	minorLight: Source | null;
	flux: DeratedFlux | null;
	/** Price of one lamp in the cheapest pack, minor units; infinite when it is not on sale. */
	price: number;
	/** Pieces on the shelf; null when no pack says how many there are. */
	pieces: number | null;
	/** Complaints about it that nobody has settled. */
	complaints: number;
}

function channelCase(
	configuration: Configuration,
	socket: Socket,
	category: LampCategory,
	channel: Channel
): ChannelCase {
	const own = channel.feeds.find((feed) => feed.socket === socket.id);
	const result: ChannelCase = {
		channel,
		function: own?.function ?? socket.functions[0] ?? 'dome',
		demand: demandOf(configuration, channel),
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

const WITH_OUTSIDE: ReadonlySet<string> = new Set(['headlamp', 'fog', 'signal']);

/** Prepares a socket for matching; null when there is no known lamp category to match against. */
export function socketCase(
	configuration: Configuration,
	socket: Socket,
	shop: Shop,
	through = rememberingLens()
): SocketCase | null {
	const category = socket.state === 'filament' ? categoryOrNull(socket.category) : null;
	if (!category) return null;
	const lens = knownLens(socket.lens);
	const stock = lens && category.lumens !== undefined ? through(filamentSource(category), lens) : null;
	const neighbours = neighboursOf(configuration, socket, through);
	const assumed = assumedBy(shop.assumptions);
	return {
		configuration,
		socket,
		category,
		family: ruleFamily(configuration.market),
		lens,
		outside: socket.functions.some((id) => WITH_OUTSIDE.has(lampFunction(id).group)),
		stockLumens: stock && category.lumens !== undefined ? category.lumens * stock.transmittance : null,
		channels: channelsOf(configuration, socket).map((c) => channelCase(configuration, socket, category, c)),
		neighbours,
		mostDifferentWhite: mostDifferentAmong(neighbours),
		heat: placeHeat(socket, category, assumed),
		shop,
		assumed,
		through,
		source: (fact) => sourceText(socket.evidence, fact)
	};
}

/** A filament lamp without a flux of its own gives what its category says. */
function nominalFlux(product: Product): DeratedFlux | null {
	const lumens = categoryOrNull(product.fits[0])?.lumens;
	return lumens === undefined ? null : { lumens, basis: 'nominal' };
}

/** A filament lamp on sale: as its category, at its own colour temperature when it states one. */
function filamentLight(product: Product): Source | null {
	const category = categoryOrNull(product.fits[0]);
	const source = category && filamentSource(category);
	return source?.kind === 'halogen' ? { ...source, kelvin: product.colour?.cct ?? source.kelvin } : source;
}

function isSwitchback(product: Product): boolean {
	return product.modes?.some((mode) => mode.startsWith('switchback')) ?? false;
}

/** Light of the dim mode where the product says it differs. A switchback that does not say is not known. */
function minorLight(product: Product): Source | null {
	return product.minorColour ? ledSource(product.minorColour) : null;
}

/** Pieces of a product on the shelf; null when no pack says how many. */
export function piecesOf({ packs }: Pick<Product, 'packs'>): number | null {
	const counted = packs.filter((pack) => pack.stock !== undefined);
	return counted.length === 0 ? null : counted.reduce((sum, pack) => sum + pack.count * (pack.stock ?? 0), 0);
}

/** Prepares a product for matching. `complaints`: how many are open about it. */
export function productCase(record: Product, complaints = 0): ProductCase {
	const product = plausible(record);
	const led = product.kind !== 'halogen';
	const light = led ? ledSource(product.colour) : filamentLight(product);
	return {
		product,
		record,
		lamp: led ? 'led' : 'filament',
		categories: product.fits.flatMap((name) => categoryOrNull(name) ?? []),
		light,
		minorLight: minorLight(product) ?? (isSwitchback(product) ? null : light),
		flux: deratedFlux(product) ?? (led ? null : nominalFlux(product)),
		price: Math.min(Infinity, ...product.packs.map((pack) => pack.price / pack.count)),
		pieces: piecesOf(product),
		complaints
	};
}
