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

/**
 * Counts what is served from an offer. A socket is served by a lamp that fits, alone or with parts; one without a known category is not.
 * @param offered 1 for each product that counts, by number
 */
export function tally(cover: Cover, offered: Uint8Array, weights: Weights = EVEN): Tally {
	const codes = new SocketCodes(cover, offered);
	const { traits } = cover;
	const inPart = PARTS.map((part) => traits.map((trait) => VEHICLE_PARTS[part](trait)));
	const parts = PARTS.map((): WholeShare => ({ vehicles: 0, served: 0 }));
	const all = noShare();
	const byFunction = new Map<FunctionId, Share>();
	const cells = new Map<string, Map<FunctionId, Share>>();
	const groups = Object.fromEntries(NAMES.map((name) => [name, new Map<string, Share>()])) as Record<
		Grouping,
		Map<string, Share>
	>;
	const vehicles: { sockets: number; served: number }[] = [];
	const closedByFunction = new Map<FunctionId, number>();
	const counted = { configurations: 0, sockets: 0, closed: 0 };
	cover.vehicles.forEach((vehicle, number) => {
		const own = { sockets: 0, served: 0 };
		vehicles.push(own);
		counted.configurations += 1;
		const shares = NAMES.flatMap((name) => GROUPINGS[name](vehicle.facts).map((key) => within(groups[name], key)));
		const has = PARTS.map(() => 0);
		const lacks = PARTS.map(() => 0);
		codes.of(vehicle).forEach((code, i) => {
			counted.sockets += 1;
			const at = vehicle.traits[i] ?? 0;
			const trait = traits[at];
			if (!trait || trait.closed) {
				counted.closed += 1;
				for (const fn of trait?.functions ?? []) closedByFunction.set(fn, (closedByFunction.get(fn) ?? 0) + 1);
				return;
			}
			const isServed = code !== NO_PLACE && serves(code);
			const weight = weights(number, at);
			own.sockets += 1;
			own.served += isServed ? 1 : 0;
			add(all, isServed, weight);
			for (const share of shares) add(share, isServed, weight);
			const category = cover.places[vehicle.places[i] ?? NO_PLACE]?.category ?? NO_CATEGORY;
			const row = cells.get(category) ?? new Map<FunctionId, Share>();
			cells.set(category, row);
			for (const fn of trait.functions) {
				add(within(byFunction, fn), isServed, weight);
				add(within(row, fn), isServed, weight);
			}
			for (let part = 0; part < PARTS.length; part++)
				if (inPart[part]?.[at]) {
					has[part] = (has[part] ?? 0) + 1;
					lacks[part] = (lacks[part] ?? 0) + (isServed ? 0 : 1);
				}
		});
		parts.forEach((part, i) => {
			if (!has[i]) return;
			part.vehicles += 1;
			part.served += lacks[i] ? 0 : 1;
		});
	});
	return {
		...counted,
		closedByFunction,
		all,
		byFunction,
		parts: Object.fromEntries(PARTS.map((part, i) => [part, parts[i]])) as Tally['parts'],
		cells,
		groups,
		vehicles
	};
}
