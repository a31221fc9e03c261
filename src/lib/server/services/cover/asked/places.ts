import { VERDICTS, type Verdict } from '../../../../core/match';
import type { FunctionId } from '../../../../core/lamps';
import { NO_CATEGORY, NO_PLACE, offeredIn, serves, SocketCodes, type Cover } from '../../../../core/cover';
import { socketName } from '../../../../core/vehicle';
import { findConfigurations } from '../../../repositories/configurations';
import { placesOfKey } from './missing';
import { chosen, once, type CoverAsked, type CoverTools } from './tools';

/** Which sockets a number stands for. */
export interface PlacesAsked {
	stands: 'served' | 'open' | 'all';
	category?: string | undefined;
	function?: FunctionId | undefined;
	vehicle?: string | undefined;
	/** A specification, or a reason why none would do. */
	key?: string | undefined;
	from: number;
	most: number;
}

/** One socket behind a number. */
export interface CoverPlace {
	vehicle: string;
	name: string;
	socket: string;
	place: string;
	category: string;
	verdict: Verdict | null;
}

type Found = { vehicle: number; socket: number; code: number };

async function found(
	tools: CoverTools,
	{ cover, asked }: { cover: Cover; asked: CoverAsked },
	wish: PlacesAsked
): Promise<Found[]> {
	const only = wish.key === undefined ? null : new Set((await placesOfKey(tools, asked, wish.key)) ?? []);
	const codes = new SocketCodes(cover, offeredIn(cover, asked));
	const all: Found[] = [];
	cover.vehicles.forEach((vehicle, number) => {
		if (wish.vehicle !== undefined && vehicle.facts.id !== wish.vehicle) return;
		codes.of(vehicle).forEach((code, socket) => {
			const trait = cover.traits[vehicle.traits[socket] ?? 0];
			const place = vehicle.places[socket] ?? NO_PLACE;
			if (!trait || trait.closed || (only && !only.has(place))) return;
			const isServed = place !== NO_PLACE && serves(code);
			if (wish.stands !== 'all' && isServed !== (wish.stands === 'served')) return;
			if (wish.function !== undefined && !trait.functions.includes(wish.function)) return;
			if (wish.category !== undefined && (cover.places[place]?.category ?? NO_CATEGORY) !== wish.category) return;
			all.push({ vehicle: number, socket, code: place === NO_PLACE ? -1 : code });
		});
	});
	return all;
}

/** The sockets behind a number, some of them, and how many there are. */
export async function places(
	tools: CoverTools,
	asked: CoverAsked,
	wish: PlacesAsked
): Promise<{ total: number; vehicles: number; places: CoverPlace[] }> {
	const { from, most, ...about } = wish;
	const all = await once(tools, { name: 'places', asked, more: about }, ({ cover }) =>
		found(tools, { cover, asked }, wish)
	);
	const { cover } = await chosen(tools, { ...asked, weigh: 'even' });
	const some = all.slice(from, from + most);
	const ids = [...new Set(some.flatMap(({ vehicle }) => cover.vehicles[vehicle]?.facts.id ?? []))];
	const records = new Map((await findConfigurations(tools.db, ids)).map((c) => [c.id as string, c]));
	return {
		total: all.length,
		vehicles: new Set(all.map(({ vehicle }) => vehicle)).size,
		places: some.flatMap(({ vehicle, socket, code }): CoverPlace[] => {
			const facts = cover.vehicles[vehicle]?.facts;
			const record = facts && records.get(facts.id)?.sockets[socket];
			if (!facts || !record) return [];
			return [
				{
					vehicle: facts.id,
					name: facts.name,
					socket: record.id,
					place: socketName(record),
					category: record.category ?? NO_CATEGORY,
					verdict: VERDICTS[code] ?? null
				}
			];
		})
	};
}
