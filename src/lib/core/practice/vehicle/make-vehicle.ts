import type { RuleFamily } from '../../lamps';
import { configuration, type Configuration, type Side } from '../../model';
import { usualSides } from '../../walk';
import type { Chance } from '../chance';
import { makerName, modelName } from '../names/names';
import { DIFFICULTY, type Level } from './difficulty';
import { wired } from './outputs';
import { lampOf, MADE_PLACES, type MadeKind, type MadePlace } from './places';
import { roomFor } from './room';

const BODY: Readonly<Record<MadeKind, readonly string[]>> = {
	car: ['hatchback', 'saloon', 'estate'],
	suv: ['four-wheel drive'],
	van: ['panel van'],
	pickup: ['double cab'],
	motorcycle: ['roadster', 'tourer'],
	bus: ['coach'],
	lorry: ['tipper'],
	trailer: ['box trailer']
};
const BEAMS: ReadonlySet<string> = new Set(['low-beam', 'high-beam', 'fog']);
const ON_24_V: ReadonlySet<MadeKind> = new Set(['bus', 'lorry']);
const SHORT_SIDE = { left: 'L', right: 'R', centre: '' } as const;

/** The places a vehicle has: of places that exclude each other the first one drawn. */
function placesOf(kind: MadeKind, family: RuleFamily, chance: Chance): MadePlace[] {
	const taken = new Set<string>();
	return MADE_PLACES.filter((place) => {
		if (!place.kinds.includes(kind) || place.lamps[family].length === 0) return false;
		if (place.group !== undefined && taken.has(place.group)) return false;
		if (!chance.is(place.share)) return false;
		if (place.group !== undefined) taken.add(place.group);
		return true;
	});
}

/** The high beam of a headlamp whose low beam stands alone, and the tail lamp of a stop lamp that does. */
function companions(places: readonly MadePlace[], kind: MadeKind): MadePlace[] {
	return places.flatMap((place): MadePlace[] => {
		const [only, second] = place.functions;
		if (second !== undefined) return [];
		if (only === 'low-beam')
			return [
				{
					...place,
					functions: ['high-beam'],
					optic: 'reflector',
					lamps: { UN: ['H7 clear', 'H1 clear', 'HB3 clear'], US: ['HB3 clear', 'H9 clear'] }
				}
			];
		if (only === 'stop')
			return [
				{
					...place,
					functions: ['tail'],
					lamps: { UN: ['R5W red', 'W5W red'], US: kind === 'trailer' ? ['67 red'] : ['67 red', '168 red'] }
				}
			];
		return [];
	});
}

const idOf = ({ zone, functions }: MadePlace, side: Side) =>
	[functions.includes('turn') ? `${zone}-${functions.join('-')}` : functions.join('-'), SHORT_SIDE[side]]
		.filter(Boolean)
		.join('-');

/** What a vehicle is made from. */
export interface MadeWish {
	kind: MadeKind;
	family: RuleFamily;
	level: Level;
}

/**
 * A whole invented vehicle of which everything is known: sockets with their clearance, outputs, flasher.
 * @param id its id, which tells it from others
 */
export function makeVehicle(id: string, { kind, family, level }: MadeWish, chance: Chance): Configuration {
	const difficulty = DIFFICULTY[level];
	const drawn = placesOf(kind, family, chance);
	const sockets = [...drawn, ...companions(drawn, kind)].flatMap((place) => {
		const { category, lens } = lampOf(chance.pick(place.lamps[family]));
		const isBeam = place.functions.some((one) => BEAMS.has(one));
		const room = roomFor(category, { isBeam, isTight: chance.is(difficulty.tight) }, chance);
		const isTwin = place.functions.length > 1 && !isBeam;
		const wiring = isTwin ? { wiring: chance.is(difficulty.crossed) ? 'crossed' : 'standard' } : {};
		return usualSides(place.functions, kind).map((side) => ({
			id: idOf(place, side),
			zone: place.zone,
			side,
			functions: place.functions,
			category,
			lens,
			optic: place.optic ?? 'lens-only',
			...wiring,
			...room
		}));
	});
	const first = chance.between(2004, 2016);
	const made = configuration.parse({
		id,
		make: makerName(chance),
		model: modelName(chance),
		generation: chance.pick(['I', 'II', 'III']),
		years: [first, first + chance.between(3, 7)],
		body: chance.pick(BODY[kind]),
		kind,
		market: family,
		voltage: ON_24_V.has(kind) ? 24 : 12,
		...(kind === 'trailer' ? {} : { steering: 'left' }),
		sockets
	});
	return wired(made, difficulty, chance);
}
