import { lampFunction, type FunctionId } from '../../../../core/lamps';
import {
	GROUPINGS,
	OFFERS,
	offeredIn,
	tally,
	type Grouping,
	type Offer,
	type Share,
	type Tally,
	type VehiclePart,
	type WholeShare
} from '../../../../core/cover';
import { once, type CoverAsked, type CoverTools } from './tools';

/** One row of a table of shares. */
export interface ShareRow extends Share {
	key: string;
	label: string;
}

/** What share of a fleet is served, from each offer. */
export interface CoverOverview {
	configurations: number;
	sockets: number;
	closed: number;
	offers: Readonly<Record<Offer, { all: Share; parts: Readonly<Record<VehiclePart, WholeShare>> }>>;
	/** From the offer that is asked for. */
	byFunction: ShareRow[];
	groups: Readonly<Record<Grouping, ShareRow[]>>;
}

const labelled = (shares: ReadonlyMap<string, Share>, label = (key: string) => key): ShareRow[] =>
	Array.from(shares, ([key, share]) => ({ key, label: label(key), ...share }));

const NAMES = Object.keys(GROUPINGS) as Grouping[];
const byWeight = (a: ShareRow, b: ShareRow) => b.weight - a.weight || a.label.localeCompare(b.label);

/** The tally of one offer, remembered: several questions ask for it. */
export const talliedFrom = (tools: CoverTools, asked: CoverAsked): Promise<Tally> =>
	once(tools, { name: 'tally', asked }, ({ cover, weights }) => tally(cover, offeredIn(cover, asked), weights));

/** How much is served on the shelf, on order and in any catalogue; by function, make, kind, market and year. */
export async function overview(tools: CoverTools, asked: CoverAsked): Promise<CoverOverview> {
	const tallies = new Map<Offer, Tally>();
	for (const from of OFFERS) tallies.set(from, await talliedFrom(tools, { ...asked, from }));
	const own = tallies.get(asked.from) as Tally;
	return {
		configurations: own.configurations,
		sockets: own.sockets,
		closed: own.closed,
		offers: Object.fromEntries(
			OFFERS.map((from) => [from, { all: tallies.get(from)?.all, parts: tallies.get(from)?.parts }])
		) as CoverOverview['offers'],
		byFunction: labelled(own.byFunction, (id) => lampFunction(id as FunctionId).label).sort(byWeight),
		groups: Object.fromEntries(
			NAMES.map((name) => [
				name,
				name === 'year'
					? labelled(own.groups[name]).sort((a, b) => a.key.localeCompare(b.key))
					: labelled(own.groups[name]).sort(byWeight)
			])
		) as CoverOverview['groups']
	};
}
