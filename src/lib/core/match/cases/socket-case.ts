import {
	categoryOrNull,
	filamentLumens,
	ruleFamily,
	showsOutside,
	type LampCategory,
	type RuleFamily
} from '../../lamps';
import type { Configuration, Lens, Socket } from '../../model';
import { filamentSource, knownLens, regionOf, rememberingLens, type LensedLight, type throughLens } from '../../optics';
import type { Assumed } from '../../quantity';
import { evidenceFor, voltageOf } from '../../vehicle';
import type { FindingSource } from '../findings/source';
import { assumedForPlaces } from './assumed';
import { channelCase, outputsOf, type ChannelCase } from './channel-case';
import { placeHeat, type PlaceHeat } from './place-heat';
import { mostDifferentAmong, neighboursOf, type Beside, type Neighbour } from './neighbours';
import { openValues, type OpenValue } from './open-values';
import type { Shop } from './shop';

/** Everything about a socket that does not depend on the product, worked out once. */
export interface SocketCase {
	configuration: Configuration;
	/** Nominal supply, V; null when nobody knows. */
	voltage: ReturnType<typeof voltageOf>;
	socket: Socket;
	category: LampCategory;
	family: RuleFamily | null;
	/** The lens, when it is one whose transmittance is known. */
	lens: Lens | undefined;
	/** True when someone outside is meant to see it or see by it. */
	outside: boolean;
	/** The filament lamp's light behind the lens, lm; null when not known. */
	stockLumens: number | null;
	/** Colour the filament lamp shows behind the lens; null when that is not known. */
	stockRegion: ReturnType<typeof regionOf> | null;
	channels: ChannelCase[];
	/** Lamps whose white light is seen at the same time. */
	neighbours: readonly Neighbour[];
	/** The neighbour whose white is furthest from a light of this place; null where no whites meet. */
	mostDifferentWhite: (light: LensedLight) => Beside | null;
	heat: PlaceHeat;
	shop: Shop;
	assumed: Assumed;
	through: typeof throughLens;
	/** The same socket by every other value of an open fact; null where nothing could be matched by it. */
	others: readonly { open: OpenValue; case: SocketCase | null }[];
	/** Where a fact of the socket comes from. */
	source: (fact: string) => FindingSource;
}

/** Prepares a socket for matching; null when there is no known lamp category to match against. */
export function socketCase(
	configuration: Configuration,
	socket: Socket,
	{ shop, through = rememberingLens() }: { shop: Shop; through?: typeof throughLens }
): SocketCase | null {
	const prepared = plainCase(configuration, socket, { shop, through });
	if (!prepared) return null;
	prepared.others = openValues(configuration, socket).map((open) => {
		const then = open.configuration.sockets.find((s) => s.id === socket.id);
		return { open, case: then ? plainCase(open.configuration, then, { shop, through }) : null };
	});
	return prepared;
}

/** What stands beside a socket, looked for when somebody asks: most rules do not. */
function beside(find: () => Neighbour[]): Pick<SocketCase, 'neighbours' | 'mostDifferentWhite'> {
	let found: Neighbour[] | undefined;
	let furthest: SocketCase['mostDifferentWhite'] | undefined;
	const neighbours = () => (found ??= find());
	return {
		get neighbours() {
			return neighbours();
		},
		mostDifferentWhite: (light) => (furthest ??= mostDifferentAmong(neighbours()))(light)
	};
}

/** The socket by the values in force alone. */
function plainCase(
	configuration: Configuration,
	socket: Socket,
	{ shop, through }: { shop: Shop; through: typeof throughLens }
): SocketCase | null {
	const category = socket.state === 'filament' ? categoryOrNull(socket.category) : null;
	if (!category) return null;
	const lens = knownLens(socket.lens);
	const stock = lens ? through(filamentSource(category), lens) : null;
	const lumens = filamentLumens(category);
	const assumed = assumedForPlaces(shop.assumptions);
	const family = ruleFamily(configuration.market);
	return Object.assign(
		beside(() => neighboursOf(configuration, socket, through)),
		{
			configuration,
			voltage: voltageOf(configuration),
			socket,
			category,
			family,
			lens,
			outside: showsOutside(socket.functions),
			stockLumens: stock && lumens !== undefined ? lumens * stock.transmittance : null,
			stockRegion: stock && family ? regionOf(stock, family) : null,
			channels: outputsOf(configuration, socket).map((c) => channelCase(configuration, { socket, category }, c)),
			heat: placeHeat(configuration, { socket, category }, assumed),
			shop,
			assumed,
			through,
			others: [] as SocketCase['others'],
			source: (fact: string): FindingSource => ({
				kind: 'record',
				fact,
				evidence: evidenceFor(socket.evidence, fact)
			})
		}
	);
}
