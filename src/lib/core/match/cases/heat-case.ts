import { capFactor, type CapState, type HeatBand, type HeatCase } from '../../heat';
import type { Product } from '../../model';
import type { SocketCase } from './socket-case';

/** Power while lit and the share of the time it is, in the mode that heats the lamp most; null when its power is not known. */
function hardestMode(
	{ major, minor }: { major: number; minor: number },
	{ power, builtInLoad }: Product
): { watts: number; duty: number } | null {
	if (power?.at13v5 === undefined) return null;
	const bright = power.at13v5 + (builtInLoad ?? 0);
	if (minor === 0 || power.minor === undefined) return { watts: bright, duty: Math.max(major, minor) };
	// The dim mode burns all night, and the bright one on top of it.
	return { watts: (bright * major + power.minor * minor) / Math.max(major, minor), duty: Math.max(major, minor) };
}

/** The heat of an LED in a socket, from the cool end of the assumptions to the hot one, under the cap it has today or under another one. */
export function heatBandOf(
	{ heat, assumed }: Pick<SocketCase, 'heat' | 'assumed'>,
	product: Product,
	cap?: CapState
): HeatBand | null {
	const mode = hardestMode(heat.duty, product);
	if (!mode) return null;
	const resistance = heat.resistance[product.cooling ?? 'none'];
	const factor = cap === undefined ? heat.cap : capFactor(cap, assumed);
	const at = (end: 'low' | 'middle' | 'high'): HeatCase => ({
		ambient: heat.ambient[end],
		...mode,
		resistance: resistance[end],
		cap: factor
	});
	return { cool: at('low'), middle: at('middle'), hot: at('high') };
}

/** The middle of the estimate. */
export function heatCaseOf(
	socket: Pick<SocketCase, 'heat' | 'assumed'>,
	product: Product,
	cap?: CapState
): HeatCase | null {
	return heatBandOf(socket, product, cap)?.middle ?? null;
}

/** Temperature the body of a lamp must not pass, C: its own, or what every LED bears where it names none. */
export function limitOf({ assumed }: Pick<SocketCase, 'assumed'>, product: Product): { limit: number; named: boolean } {
	return product.limit === undefined
		? { limit: assumed['heat.limit'] ?? 0, named: false }
		: { limit: product.limit, named: true };
}
