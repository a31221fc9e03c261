import { COOLINGS, type Product, type Socket } from '../../model';
import { ambientId, capFactor, capState, heatMargins, resistanceId, type HeatMargins } from '../../heat';
import { filamentOf, lampFunction, type LampCategory } from '../../lamps';
import { assumedValue, type Assumed } from '../../quantity';

type Cooling = NonNullable<Product['cooling']>;

/** The heat of a place as far as it does not depend on the product: looked up once, since thousands of lamps are tried in it. */
export interface PlaceHeat {
	ambient: number;
	/** Hardest duty among the functions served by the bright mode. */
	duty: number;
	/** Thermal resistance of a lamp of this category by its cooling, K/W. */
	resistance: Record<Cooling, number>;
	/** Factor of the cap it has today. */
	cap: number;
	margins: HeatMargins;
}

/** The heat of a place under the assumptions of the shop. */
export function placeHeat(socket: Socket, { mount, diameter }: LampCategory, assumed: Assumed): PlaceHeat {
	const { functions } = socket;
	const bright = functions.filter((id) => filamentOf(functions, id) === 'major');
	const resistance = COOLINGS.map((cooling) => [
		cooling,
		assumedValue(assumed, resistanceId({ mount, diameter, cooling }))
	]);
	return {
		ambient: assumedValue(assumed, ambientId(socket.zone)),
		duty: Math.max(...(bright.length > 0 ? bright : functions).map((id) => lampFunction(id).duty)),
		resistance: Object.fromEntries(resistance) as Record<Cooling, number>,
		cap: capFactor(capState(socket.cap, mount), assumed),
		margins: heatMargins(assumed)
	};
}
