import type { ProductCase } from './product-case';
import type { SocketCase } from './socket-case';

/** Luminous flux behind the lens relative to the filament lamp behind the same lens, by the derated flux; null when one of them is not known. */
export function survivingShare(
	{ lens, stockLumens, through }: SocketCase,
	{ light, flux }: ProductCase
): number | null {
	if (!light || !lens || !flux || stockLumens === null) return null;
	return (flux.lumens * through(light, lens).transmittance) / stockLumens;
}

/** Widest difference between a product's white and the whites beside it, mired; null when one side has no white. */
export function widestMired({ lens, mostDifferentWhite, through }: SocketCase, { light }: ProductCase): number | null {
	return (light && lens ? mostDifferentWhite(through(light, lens)) : null)?.mired ?? null;
}
