import type { Lens } from '../model';
import { chromaticity, tristimulus, type Chromaticity } from './chromaticity';
import { multiply } from './grid';
import { transmittance } from './lenses';
import { sourceKey, spectrumOf, type Source } from './sources';

/** Light that leaves a lens. */
export interface LensedLight extends Chromaticity {
	/** Share of the luminous flux that survives the lens, 0 to 1. */
	transmittance: number;
}

/** Source spectrum times lens transmittance: its chromaticity, and the share of luminous flux that survives. */
export function throughLens(source: Source, lens: Lens): LensedLight {
	const bare = spectrumOf(source);
	const behind = multiply(bare, transmittance(lens));
	return { ...chromaticity(behind), transmittance: tristimulus(behind).Y / tristimulus(bare).Y };
}

/** Answers remembered, before all of them are forgotten. */
const MOST_REMEMBERED = 10_000;

/** The same function, remembering its answers: there are few kinds of source and lens, and thousands of lamps. */
export function rememberingLens(): typeof throughLens {
	const cache = new Map<string, LensedLight>();
	const remember = (key: string, light: LensedLight) => {
		if (cache.size >= MOST_REMEMBERED) cache.clear();
		cache.set(key, light);
	};
	const byObject = new WeakMap<Source, Map<Lens, LensedLight>>();
	return (source, lens) => {
		const own = byObject.get(source) ?? new Map<Lens, LensedLight>();
		const seen = own.get(lens);
		if (seen) return seen;
		const key = `${sourceKey(source)}|${lens}`;
		const found = cache.get(key) ?? throughLens(source, lens);
		remember(key, found);
		byObject.set(source, own.set(lens, found));
		return found;
	};
}
