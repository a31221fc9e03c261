import { mired } from '../../quantity';
import { sample, type Spectrum } from '../grid';
import { twoSidedGaussian, type Peak } from '../shapes';

interface WhiteParameters {
	cct: number;
	/** The blue chip. */
	blue: Peak;
	phosphor: Peak;
	/** Height of the blue peak over the phosphor's. */
	ratio: number;
}

/** Typical shapes, chosen so that each lands on its colour temperature with Duv 0 to +0.003; not measurements. */
const TABLE: readonly WhiteParameters[] = [
	{
		cct: 3000,
		blue: { peak: 452, below: 20, above: 26 },
		phosphor: { peak: 584, below: 95, above: 120 },
		ratio: 0.623
	},
	{
		cct: 4300,
		blue: { peak: 450, below: 19, above: 25 },
		phosphor: { peak: 568, below: 90, above: 125 },
		ratio: 1.263
	},
	{
		cct: 5000,
		blue: { peak: 450, below: 19, above: 25 },
		phosphor: { peak: 562, below: 85, above: 125 },
		ratio: 1.541
	},
	{
		cct: 6000,
		blue: { peak: 450, below: 18, above: 24 },
		phosphor: { peak: 555.9, below: 80, above: 125 },
		ratio: 1.962
	},
	{
		cct: 6500,
		blue: { peak: 450, below: 18, above: 24 },
		phosphor: { peak: 554.3, below: 80, above: 125 },
		ratio: 2.125
	},
	{
		cct: 8000,
		blue: { peak: 450, below: 18, above: 24 },
		phosphor: { peak: 550.6, below: 80, above: 125 },
		ratio: 2.526
	}
];

const mix = (a: number, b: number, t: number) => a + (b - a) * t;
const mixPeak = (a: Peak, b: Peak, t: number): Peak => ({
	peak: mix(a.peak, b.peak, t),
	below: mix(a.below, b.below, t),
	above: mix(a.above, b.above, t)
});

/** Parameters for any colour temperature, linear in mired between the rows of the table and beyond its ends. */
function parametersAt(cct: number): WhiteParameters {
	const last = TABLE.length - 2;
	const found = TABLE.findIndex((row) => row.cct >= cct);
	const i = Math.min(Math.max((found < 0 ? TABLE.length : found) - 1, 0), last);
	const [low, high] = [TABLE[i], TABLE[i + 1]] as [WhiteParameters, WhiteParameters];
	const t = (mired(cct) - mired(low.cct)) / (mired(high.cct) - mired(low.cct));
	return {
		cct,
		blue: mixPeak(low.blue, high.blue, t),
		phosphor: mixPeak(low.phosphor, high.phosphor, t),
		ratio: Math.max(0, mix(low.ratio, high.ratio, t))
	};
}

/** White LED of a colour temperature in K (2500 to 10000): blue chip and phosphor, relative. */
export function whiteLed(cct: number): Spectrum {
	const { blue, phosphor, ratio } = parametersAt(cct);
	return sample((nm) => ratio * twoSidedGaussian(nm, blue) + twoSidedGaussian(nm, phosphor));
}
