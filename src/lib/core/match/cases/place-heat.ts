import { COOLINGS, type Configuration, type Product, type Socket } from '../../model';
import {
	ambientName,
	assumedRange,
	bodyResistance,
	capFactor,
	capState,
	pulsedDuty,
	timeConstantId,
	type AirPlace,
	type Range
} from '../../heat';
import { categoryOrNull, contactOf, lampFunction, type FunctionId, type LampCategory } from '../../lamps';
import { assumedValue, type Assumed } from '../../quantity';

type Cooling = NonNullable<Product['cooling']>;

/** The heat of a place as far as it does not depend on the product: looked up once, since thousands of lamps are tried in it. */
export interface PlaceHeat {
	/** Which air it is in, and that air, C. */
	place: AirPlace;
	ambient: Range;
	/** Hardest duty among the functions served by the bright mode, and by the dim one; 0 where there is none. */
	duty: { major: number; minor: number };
	/** Thermal resistance of a lamp of this category by its cooling, K/W. */
	resistance: Record<Cooling, Range>;
	/** Factor of the cap it has today. */
	cap: number;
	/** Time in which a body of this kind takes on 63 % of its rise, s. */
	timeConstant: number;
}

/** Flashes of a turn lamp, a minute, and its share of the time lit. */
const FLASHES_PER_MINUTE = 85;

/** The share of the time a function counts for: of one that flashes, the top of its ripple; of one that is soon out again, what it warms up to. */
function dutyOf(id: FunctionId, timeConstant: number): number {
	const { duty, lasts } = lampFunction(id);
	const pulsed = duty < 1 ? pulsedDuty(duty, 60 / FLASHES_PER_MINUTE, timeConstant) : duty;
	return lasts === undefined ? pulsed : pulsed * (1 - Math.exp(-lasts / timeConstant));
}

/** True when a filament headlamp burns in the same lamp unit. */
function besideHalogen({ sockets }: Configuration, socket: Socket): boolean {
	return sockets.some(
		(other) =>
			other.id !== socket.id &&
			other.unit !== undefined &&
			other.unit.id === socket.unit?.id &&
			other.side === socket.side &&
			other.state === 'filament' &&
			other.functions.includes('low-beam')
	);
}

/** The air inside the lamp of a socket. */
export function airPlace(configuration: Configuration, socket: Socket): AirPlace {
	if (besideHalogen(configuration, socket)) return 'beside-halogen';
	return socket.functions.includes('licence-plate') ? 'plate' : socket.zone;
}

/** The heat of a place under the assumptions of the shop. */
export function placeHeat(
	configuration: Configuration,
	{ socket, category }: { socket: Socket; category: LampCategory },
	assumed: Assumed
): PlaceHeat {
	const { functions } = socket;
	const timeConstant = assumedValue(assumed, timeConstantId(category));
	const of = (role: 'major' | 'minor') =>
		functions.filter((id) => contactOf(categoryOrNull(socket.category), functions, id) === role);
	const hardest = (ids: readonly FunctionId[]) => Math.max(0, ...ids.map((id) => dutyOf(id, timeConstant)));
	const place = airPlace(configuration, socket);
	const resistance = COOLINGS.map((cooling) => [cooling, bodyResistance(category, cooling, assumed)]);
	return {
		place,
		ambient: assumedRange(assumed, ambientName(place)),
		duty: { major: hardest(of('major')), minor: hardest(of('minor')) },
		resistance: Object.fromEntries(resistance) as Record<Cooling, Range>,
		cap: capFactor(capState(socket.cap, category.mount), assumed),
		timeConstant
	};
}
