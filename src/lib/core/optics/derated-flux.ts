import type { Product } from '../model';

/** Luminous efficacy above which a finished lamp's claim is doubtful, lm/W (finished retrofits: 60 to 100). */
export const DOUBTFUL_EFFICACY = 100;

export type FluxBasis = 'measured' | 'nominal' | 'claimed' | 'capped' | 'claimed, power unknown';

/** Luminous flux of one lamp that Rotalux reckons with, lm, and what it rests on. */
export interface DeratedFlux {
	lumens: number;
	basis: FluxBasis;
}

/**
 * A measured flux as it is; a claim per lamp (half of a claim per pair), but no more than 100 lm for each watt the lamp draws.
 * Null when nothing is known.
 */
export function deratedFlux(product: Product): DeratedFlux | null {
	const { measured, claimed, per } = product.flux ?? {};
	if (measured != null) return { lumens: measured, basis: 'measured' };
	if (claimed == null) return null;
	const perLamp = per === 'pair' ? claimed / 2 : claimed;
	const power = product.power?.at13v5;
	if (power === undefined) return { lumens: perLamp, basis: 'claimed, power unknown' };
	const ceiling = power * DOUBTFUL_EFFICACY;
	return perLamp > ceiling ? { lumens: ceiling, basis: 'capped' } : { lumens: perLamp, basis: 'claimed' };
}
