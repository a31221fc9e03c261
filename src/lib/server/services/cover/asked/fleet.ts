import type { Configuration } from '../../../../core/model';
import {
	NO_PLACE,
	OFFERS,
	offeredIn,
	serves,
	SocketCodes,
	type CoveredVehicle,
	type Offer
} from '../../../../core/cover';
import { VERDICTS } from '../../../../core/match';
import { ringOf, twinKey } from '../../../../core/vehicle';
import { layOut, RINGS } from '../../../../core/views/rota-layout';
import { findConfigurations } from '../../../repositories/configurations';
import { once, type Chosen, type CoverAsked, type CoverTools } from './tools';

/** How a socket stands: from where it is served, that it has to be checked by hand, that nothing serves it, or that it takes no lamp. */
export const SOCKET_STANDS = ['shelf', 'order', 'catalogue', 'check', 'open', 'closed'] as const;
export type SocketStands = (typeof SOCKET_STANDS)[number];

/** What vehicles are put in order by. */
export const FLEET_ORDERS = ['open', 'served', 'name', 'weight'] as const;
export type FleetOrder = (typeof FLEET_ORDERS)[number];

/** Which part of the fleet somebody looks at. */
export interface FleetAsked {
	order: FleetOrder;
	/** Share of its sockets that is served, from and to, 0 to 1. */
	share: readonly [from: number, to: number];
	from: number;
	most: number;
}

/** One vehicle as a small wheel. */
export interface SmallWheel {
	id: string;
	name: string;
	sockets: number;
	served: number;
	/** Ring by its number from the outside, angles from and to, radians, and how the socket stands by its number. */
	cells: [ring: number, from: number, to: number, stands: number][];
}

/** A part of the fleet, how many vehicles are in all, and how many have each share of their sockets served. */
export interface FleetPart {
	total: number;
	wheels: SmallWheel[];
	/** Vehicles by the share of their sockets that is served, in twentieths; those served whole stand last, by themselves. */
	histogram: number[];
}

const BINS = 20;

interface Standing {
	vehicle: CoveredVehicle;
	stands: Uint8Array;
	sockets: number;
	served: number;
	weight: number;
}

const standsNumber = (stands: SocketStands) => SOCKET_STANDS.indexOf(stands);

/** How every socket of every chosen vehicle stands. */
function standings({ cover, weights }: Chosen, asked: CoverAsked): Standing[] {
	const codes = OFFERS.map((from) => new SocketCodes(cover, offeredIn(cover, { ...asked, from })));
	const reach = OFFERS.indexOf(asked.from);
	return cover.vehicles.map((vehicle, number): Standing => {
		const byOffer = codes.map((one) => one.of(vehicle));
		let [sockets, served, weight] = [0, 0, 0];
		const stands = Uint8Array.from(vehicle.places, (place, i) => {
			const trait = vehicle.traits[i] ?? 0;
			if (cover.traits[trait]?.closed) return standsNumber('closed');
			sockets += 1;
			weight += weights(number, trait);
			const found = place === NO_PLACE ? -1 : byOffer.findIndex((own) => serves(own[i] ?? Infinity));
			if (found >= 0 && found <= reach) served += 1;
			if (found >= 0) return standsNumber(OFFERS[found] as Offer);
			return standsNumber(byOffer[2]?.[i] === VERDICTS.indexOf('unknown') ? 'check' : 'open');
		});
		return { vehicle, stands, sockets, served, weight };
	});
}

const shareOf = ({ sockets, served }: Standing) => (sockets === 0 ? 1 : served / sockets);

const ORDERS: Record<FleetOrder, (a: Standing, b: Standing) => number> = {
	open: (a, b) => b.sockets - b.served - (a.sockets - a.served),
	served: (a, b) => shareOf(b) - shareOf(a),
	name: () => 0,
	weight: (a, b) => b.weight - a.weight
};

function wheelOf({ sockets: all }: Configuration, { vehicle, stands, sockets, served }: Standing): SmallWheel {
	const at = new Map(all.map(({ id }, i) => [id as string, stands[i] ?? 0]));
	const cells = layOut(
		all.map((socket) => ({
			id: socket.id,
			ring: ringOf(socket.zone),
			zone: socket.zone,
			side: socket.side,
			twin: twinKey(socket)
		}))
	);
	const round = (angle: number) => Math.round(1000 * angle) / 1000;
	return {
		id: vehicle.facts.id,
		name: vehicle.facts.name,
		sockets,
		served,
		cells: cells.map(({ id, ring, from, to }) => [RINGS.indexOf(ring), round(from), round(to), at.get(id) ?? 0])
	};
}

/** A part of the fleet as small wheels, in an order. */
export async function fleet(tools: CoverTools, asked: CoverAsked, wish: FleetAsked): Promise<FleetPart> {
	const all = await once(tools, { name: 'standings', asked }, (part) => standings(part, asked));
	const histogram = new Array<number>(BINS + 1).fill(0);
	for (const one of all) {
		const bin = Math.floor(BINS * shareOf(one) + 1e-9);
		histogram[bin] = (histogram[bin] ?? 0) + 1;
	}
	const [low, high] = wish.share;
	const ordered = await once(tools, { name: 'order', asked, more: [wish.order, wish.share] }, () =>
		all
			.filter((one) => shareOf(one) >= low - 1e-9 && shareOf(one) <= high + 1e-9)
			.sort((a, b) => ORDERS[wish.order](a, b) || a.vehicle.facts.name.localeCompare(b.vehicle.facts.name))
	);
	const some = ordered.slice(wish.from, wish.from + wish.most);
	const configurations = new Map(
		(
			await findConfigurations(
				tools.db,
				some.map(({ vehicle }) => vehicle.facts.id)
			)
		).map((c) => [c.id as string, c])
	);
	return {
		total: ordered.length,
		histogram,
		wheels: some.flatMap((one) => {
			const configuration = configurations.get(one.vehicle.facts.id);
			return configuration ? [wheelOf(configuration, one)] : [];
		})
	};
}
