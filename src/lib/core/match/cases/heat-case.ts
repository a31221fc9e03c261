import { capFactor, type CapState, type HeatCase } from '../../heat';
import type { Product } from '../../model';
import type { SocketCase } from './socket-case';

/** The heat of an LED in a socket, under the cap it has today or under another one; null when its power is not known. */
export function heatCaseOf(
	{ heat, assumed }: Pick<SocketCase, 'heat' | 'assumed'>,
	product: Product,
	cap?: CapState
): HeatCase | null {
	const power = product.power?.at13v5;
	if (power === undefined) return null;
	return {
		ambient: heat.ambient,
		watts: power + (product.builtInLoad ?? 0),
		duty: heat.duty,
		resistance: heat.resistance[product.cooling ?? 'none'],
		cap: cap === undefined ? heat.cap : capFactor(cap, assumed)
	};
}
