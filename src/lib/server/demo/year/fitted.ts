import { lampFunction } from '../../../core/lamps';
import { bestLamps, compileCatalogue } from '../../../core/match';
import { shopOf } from '../../../core/exchange';
import type { Configuration, RotaluxDocument, Socket } from '../../../core/model';
import { dayAfter, type Chance } from './random';

/** A fitting of the year, with what went in. */
export interface YearFitting {
	id: string;
	configuration: string;
	kitName: string;
	on: string;
	by: string;
	lamps: Record<string, string>;
}

/** How many of the town's fittings each kind of vehicle has: the post's vans, the taxis, the rescue, private cars. */
const TOWN: readonly (readonly [string, number])[] = [
	['tarrow-packhorse-2014', 9],
	['fenholm-sound-2015', 7],
	['fenholm-skerry-ii-2017', 7],
	['fenholm-skerry-ii-2022', 4],
	['fenholm-skerry-i-2012', 6],
	['brisken-tarn-2018', 4],
	['tarrow-ferryman-2013', 3],
	['aldring-haul-2012', 2]
];

/** What people come for: a part of the vehicle by the groups of its functions. */
const WISHES: readonly (readonly [string, (socket: Socket) => boolean, number])[] = [
	['Cabin', ({ zone }) => zone === 'cabin' || zone === 'luggage', 4],
	['Rear and plate', ({ zone }) => zone === 'rear', 4],
	['Signals', ({ functions }) => functions.some((id) => lampFunction(id).group === 'signal'), 4],
	['Position and plate', ({ functions }) => functions.some((id) => /position|licence/.test(id)), 3],
	['Everything but headlamps', ({ functions }) => !functions.some((id) => lampFunction(id).group === 'headlamp'), 2]
];

const PEOPLE = ['A. Lindgard', 'M. Tveter'] as const;
const FITTINGS = 150;

/** The best LED of each place of a vehicle, as Match ranks them. */
export function bestByVehicle(document: RotaluxDocument): Map<string, Record<string, string>> {
	const catalogue = compileCatalogue(document.products);
	const shop = shopOf(document);
	const names = new Set(TOWN.map(([id]) => id));
	return new Map(
		document.configurations
			.filter(({ id }) => names.has(id))
			.map((configuration: Configuration) => [
				configuration.id,
				Object.fromEntries(
					bestLamps(configuration, { catalogue, shop }).map(([socket, { id }]) => [socket, id as string])
				)
			])
	);
}

/** The fittings of a year, up to its last day. */
export function yearOfFittings(
	document: RotaluxDocument,
	{ chance, last, best }: { chance: Chance; last: string; best: ReadonlyMap<string, Record<string, string>> }
): YearFitting[] {
	const sockets = new Map(document.configurations.map((one) => [one.id as string, one.sockets]));
	const here = TOWN.filter(([id]) => best.has(id));
	const fittings: YearFitting[] = [];
	for (let i = 0; i < FITTINGS; i += 1) {
		const configuration = chance.weighted(here);
		const [kitName, wanted] = chance.weighted(WISHES.map((wish) => [wish, wish[2]] as const));
		const lamps = Object.fromEntries(
			(sockets.get(configuration) ?? []).flatMap((socket) => {
				const product = best.get(configuration)?.[socket.id];
				return product !== undefined && wanted(socket) ? [[socket.id as string, product]] : [];
			})
		);
		if (Object.keys(lamps).length === 0) continue;
		fittings.push({
			id: `Y${String(i + 1).padStart(3, '0')}`,
			configuration,
			kitName,
			on: dayAfter(last, -chance.between(3, 362)),
			by: chance.of(PEOPLE),
			lamps
		});
	}
	return fittings.sort((a, b) => a.on.localeCompare(b.on));
}
