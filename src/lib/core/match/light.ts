import { miredDifference, whitePoint } from '../optics';
import type { ProductCase, SocketCase } from './case';

/** Luminous flux behind the lens relative to the filament lamp behind the same lens, by the sober flux; null when one of them is not known. */
export function survivingShare(
	{ lens, stockLumens, through }: SocketCase,
	{ light, flux }: ProductCase
): number | null {
	if (!light || !lens || !flux || stockLumens === null) return null;
	return (flux.lumens * through(light, lens).transmittance) / stockLumens;
}

/** Widest difference between a product's white and the whites beside it, mired; null when one side has no white. */
export function widestMired({ lens, neighbours, through }: SocketCase, { light }: ProductCase): number | null {
	const white = light && lens ? whitePoint(through(light, lens)) : null;
	if (!white) return null;
	const apart = neighbours.flatMap(({ white: other }) => (other ? [miredDifference(white, other)] : []));
	return apart.length === 0 ? null : Math.max(...apart);
}
