import { mired } from '../../quantity';
import { sample, type Spectrum } from '../grid';
import { twoSidedGaussian } from '../shapes';

interface WhiteParameters {
	cct: number;
	/** Blue chip: peak, widths below and above, nm. */
	blue: readonly [number, number, number];
	/** Phosphor: peak, widths below and above, nm. */
	phosphor: readonly [number, number, number];
	/** Height of the blue peak over the phosphor's. */
	ratio: number;
}

/** Typical shapes, chosen so that each lands on its colour temperature with Duv 0 to +0.003; not measurements. */
const TABLE: readonly WhiteParameters[] = [
	{ cct: 3000, blue: [452, 20, 26], phosphor: [584, 95, 120], ratio: 0.623 },
	{ cct: 4300, blue: [450, 19, 25], phosphor: [568, 90, 125], ratio: 1.263 },
	{ cct: 5000, blue: [450, 19, 25], phosphor: [562, 85, 125], ratio: 1.541 },
	{ cct: 6000, blue: [450, 18, 24], phosphor: [555.9, 80, 125], ratio: 1.962 },
	{ cct: 6500, blue: [450, 18, 24], phosphor: [554.3, 80, 125], ratio: 2.125 },
	{ cct: 8000, blue: [450, 18, 24], phosphor: [550.6, 80, 125], ratio: 2.526 }
];

const mix = (a: number, b: number, t: number) => a + (b - a) * t;
type Triple = readonly [number, number, number];
const mixTriple = (a: Triple, b: Triple, t: number): Triple => [
	mix(a[0], b[0], t),
	mix(a[1], b[1], t),
	mix(a[2], b[2], t)
];

/** Parameters for any colour temperature, linear in mired between the rows of the table and beyond its ends. */
function parametersAt(cct: number): WhiteParameters {
	const last = TABLE.length - 2;
	const found = TABLE.findIndex((row) => row.cct >= cct);
	const i = Math.min(Math.max((found < 0 ? TABLE.length : found) - 1, 0), last);
	const [low, high] = [TABLE[i], TABLE[i + 1]] as [WhiteParameters, WhiteParameters];
	const t = (mired(cct) - mired(low.cct)) / (mired(high.cct) - mired(low.cct));
	return {
		cct,
		blue: mixTriple(low.blue, high.blue, t),
		phosphor: mixTriple(low.phosphor, high.phosphor, t),
		ratio: Math.max(0, mix(low.ratio, high.ratio, t))
	};
}

/** White LED of a colour temperature in K (2500 to 10000): blue chip and phosphor, relative. */
export function whiteLed(cct: number): Spectrum {
	const { blue, phosphor, ratio } = parametersAt(cct);
	return sample((nm) => ratio * twoSidedGaussian(nm, ...blue) + twoSidedGaussian(nm, ...phosphor));
}
