import { restingRise } from '../../heat';
import { factsHere } from './field-facts';
import type { ProductCase } from './product-case';
import type { SocketCase } from './socket-case';

/** A body over the air around it, as somebody measured it, once it has come to rest, K. */
export interface MeasuredRise {
	ambient: number;
	rise: number;
}

/** A reading that nobody timed was taken after the usual half hour. */
const USUAL_MINUTES = 30;

/** Rises measured of a lamp in this place; a reading taken too early to tell where it ends is left out. */
export function measuredRises(
	s: Pick<SocketCase, 'configuration' | 'socket' | 'heat'>,
	{ field }: ProductCase
): MeasuredRise[] {
	return factsHere(field, s, 'temperature').flatMap(({ body, ambient = s.heat.ambient.middle, minutes }) => {
		const rise = restingRise({ rise: body - ambient, minutes: minutes ?? USUAL_MINUTES }, s.heat.timeConstant);
		return rise === null ? [] : [{ ambient, rise }];
	});
}

/** Thermal resistance of a lamp in its place, cap and all, K/W, from its rise while lit all the time; null where its power is not known. */
export function measuredResistance({ product }: ProductCase, rise: number): number | null {
	const watts = (product.power?.at13v5 ?? 0) + (product.builtInLoad ?? 0);
	return watts > 0 ? rise / watts : null;
}
