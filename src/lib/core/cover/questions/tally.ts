import { lampFunction, type FunctionGroup, type FunctionId } from '../../lamps';
import type { Cover, VehicleFacts } from '../cover';
import { NO_PLACE, type Trait } from '../engine';
import { EVEN, type Weights } from './demand';
import { SocketCodes, serves } from './served';

/** Sockets that could take a lamp, and those of them that are served, by their weights; how many there are stands beside. */
export interface Share {
	sockets: number;
	served: number;
	weight: number;
	servedWeight: number;
}

/** Vehicles, and those of which every socket of a part is served. */
export interface WholeShare {
	vehicles: number;
	served: number;
}

/** Parts of a vehicle that are looked at as wholes. A new one is an entry here. */
export const VEHICLE_PARTS = {
	whole: () => true,
	front: ({ zone }: Trait) => zone === 'front',
	signals: ({ functions }: Trait) => hasGroup(functions, 'signal'),
	cabin: ({ functions }: Trait) => hasGroup(functions, 'cabin')
} as const;
export type VehiclePart = keyof typeof VEHICLE_PARTS;

const hasGroup = (functions: readonly FunctionId[], group: FunctionGroup) =>
	functions.some((id) => lampFunction(id).group === group);

/** How vehicles are sorted into groups. A vehicle of several years stands under each of them. */
export const GROUPINGS = {
	make: ({ make }: VehicleFacts) => [make],
	kind: ({ kind }: VehicleFacts) => [kind],
	market: ({ market }: VehicleFacts) => [market],
	year: ({ years }: VehicleFacts) =>
		years ? Array.from({ length: years[1] - years[0] + 1 }, (_, i) => String(years[0] + i)) : ['year not recorded']
} as const;
export type Grouping = keyof typeof GROUPINGS;

/** What share of a fleet is served. */
export interface Tally {
	configurations: number;
	/** Sockets in all, and those that take no lamp. */
	sockets: number;
	closed: number;
	closedByFunction: ReadonlyMap<FunctionId, number>;
	all: Share;
	byFunction: ReadonlyMap<FunctionId, Share>;
	parts: Readonly<Record<VehiclePart, WholeShare>>;
	/** Category by function: the matrix. */
	cells: ReadonlyMap<string, ReadonlyMap<FunctionId, Share>>;
	groups: Readonly<Record<Grouping, ReadonlyMap<string, Share>>>;
	/** For each vehicle, sockets that could take a lamp and those served. */
	vehicles: readonly { sockets: number; served: number }[];
}

/** The key of sockets whose lamp category nobody knows. */
export const NO_CATEGORY = 'not recorded';

const noShare = (): Share => ({ sockets: 0, served: 0, weight: 0, servedWeight: 0 });

function add(share: Share, isServed: boolean, weight: number): void {
	share.sockets += 1;
	share.weight += weight;
	if (!isServed) return;
	share.served += 1;
	share.servedWeight += weight;
}

function within<K>(map: Map<K, Share>, key: K): Share {
	const known = map.get(key) ?? noShare();
	map.set(key, known);
	return known;
}

const PARTS = Object.keys(VEHICLE_PARTS) as VehiclePart[];
const NAMES = Object.keys(GROUPINGS) as Grouping[];

/** A socket as it is counted. */
interface Counted {
	trait: Trait;
	category: string;
	isServed: boolean;
	weight: number;
}

/** Sums of a fleet, vehicle by vehicle. */
class Sums {
	readonly all = noShare();
	readonly byFunction = new Map<FunctionId, Share>();
	readonly closedByFunction = new Map<FunctionId, number>();
	readonly cells = new Map<string, Map<FunctionId, Share>>();
	readonly groups = Object.fromEntries(NAMES.map((name) => [name, new Map<string, Share>()])) as Record<
		Grouping,
		Map<string, Share>
	>;
	readonly parts = PARTS.map((): WholeShare => ({ vehicles: 0, served: 0 }));
	readonly vehicles: { sockets: number; served: number }[] = [];
	sockets = 0;
	closed = 0;

	/** Adds the sockets of a vehicle that could take a lamp. */
	add(facts: VehicleFacts, open: readonly Counted[]): void {
		const shares = NAMES.flatMap((name) => GROUPINGS[name](facts).map((key) => within(this.groups[name], key)));
		for (const { trait, category, isServed, weight } of open) {
			for (const share of [this.all, ...shares]) add(share, isServed, weight);
			const row = this.cells.get(category) ?? new Map<FunctionId, Share>();
			this.cells.set(category, row);
			for (const fn of trait.functions) {
				add(within(this.byFunction, fn), isServed, weight);
				add(within(row, fn), isServed, weight);
			}
		}
		PARTS.forEach((part, i) => {
			const own = open.filter(({ trait }) => VEHICLE_PARTS[part](trait));
			const share = this.parts[i];
			if (!share || own.length === 0) return;
			share.vehicles += 1;
			share.served += own.every(({ isServed }) => isServed) ? 1 : 0;
		});
		this.vehicles.push({ sockets: open.length, served: open.filter(({ isServed }) => isServed).length });
	}

	/** Adds a socket that takes no lamp. */
	close({ functions }: Pick<Trait, 'functions'>): void {
		this.closed += 1;
		for (const fn of functions) this.closedByFunction.set(fn, (this.closedByFunction.get(fn) ?? 0) + 1);
	}
}

/**
 * Counts what is served from an offer. A socket is served by a lamp that fits, alone or with parts; one without a known category is not.
 * @param offered 1 for each product that counts, by number
 */
export function tally(cover: Cover, offered: Uint8Array, weights: Weights = EVEN): Tally {
	const codes = new SocketCodes(cover, offered);
	const sums = new Sums();
	cover.vehicles.forEach((vehicle, number) => {
		const open: Counted[] = [];
		codes.of(vehicle).forEach((code, i) => {
			sums.sockets += 1;
			const at = vehicle.traits[i] ?? 0;
			const trait = cover.traits[at];
			if (!trait || trait.closed) return sums.close({ functions: trait?.functions ?? [] });
			const category = cover.places[vehicle.places[i] ?? NO_PLACE]?.category ?? NO_CATEGORY;
			open.push({ trait, category, isServed: code !== NO_PLACE && serves(code), weight: weights(number, at) });
		});
		sums.add(vehicle.facts, open);
	});
	const { all, byFunction, closedByFunction, cells, groups, vehicles, sockets, closed } = sums;
	return {
		configurations: cover.vehicles.length,
		sockets,
		closed,
		closedByFunction,
		all,
		byFunction,
		parts: Object.fromEntries(PARTS.map((part, i) => [part, sums.parts[i]])) as Tally['parts'],
		cells,
		groups,
		vehicles
	};
}
