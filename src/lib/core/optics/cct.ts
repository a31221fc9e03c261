import { type Chromaticity, chromaticity } from './chromaticity';
import { halogen } from './sources/halogen';

/** CIE 1960 uniform chromaticity, in which the distance to the Planckian locus is taken. */
function uv({ x, y }: Chromaticity): [number, number] {
	const denominator = -2 * x + 12 * y + 3;
	return [(4 * x) / denominator, (6 * y) / denominator];
}

const STEP = 2;
const LOCUS = Array.from({ length: 701 }, (_, i) => {
	const mireds = 40 + i * STEP * 0.5;
	return { mireds, uv: uv(chromaticity(halogen(1e6 / mireds))) };
});

export interface ColourTemperature {
	/** Correlated colour temperature, K. */
	cct: number;
	/** Distance from the Planckian locus in u,v; positive towards green. */
	duv: number;
}

/**
 * Correlated colour temperature (CIE 15: nearest Planckian radiator in u,v of 1960) by search on a 1-mired table from 1350 to 25000 K,
 * refined by the two nearest entries. Null further than 0.05 from the locus, where it means nothing.
 */
export function colourTemperature(at: Chromaticity): ColourTemperature | null {
	const [u, v] = uv(at);
	const distance = (entry: (typeof LOCUS)[number]) => Math.hypot(entry.uv[0] - u, entry.uv[1] - v);
	let best = 0;
	LOCUS.forEach((entry, i) => {
		if (distance(entry) < distance(LOCUS[best] as (typeof LOCUS)[number])) best = i;
	});
	const from = LOCUS[Math.max(0, best - 1)] as (typeof LOCUS)[number];
	const to = LOCUS[Math.min(LOCUS.length - 1, best + 1)] as (typeof LOCUS)[number];
	const [du, dv] = [to.uv[0] - from.uv[0], to.uv[1] - from.uv[1]];
	const t = ((u - from.uv[0]) * du + (v - from.uv[1]) * dv) / (du * du + dv * dv);
	const foot = [from.uv[0] + t * du, from.uv[1] + t * dv] as const;
	const duv = Math.hypot(foot[0] - u, foot[1] - v) * (v >= foot[1] ? 1 : -1);
	if (Math.abs(duv) > 0.05) return null;
	return { cct: 1e6 / (from.mireds + t * (to.mireds - from.mireds)), duv };
}
